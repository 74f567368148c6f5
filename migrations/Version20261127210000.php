<?php

/** What a visit did not set back, and what its arrival saw of the hygiene clocks. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127210000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Every clock runs from its own reset: what a visit left out, what an arrival saw';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE visit ADD left_out JSON DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE visit ADD seen JSON DEFAULT '{}' NOT NULL");
    }
}
