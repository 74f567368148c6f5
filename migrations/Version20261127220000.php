<?php

/** What an eye sees of a dog's proportions, and between which zones its card wants a hard line. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127220000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Proportions as they are seen, hard lines between zones of a card';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD seen JSON DEFAULT '{}' NOT NULL");
        $this->addSql("ALTER TABLE dog ADD hard_lines JSON DEFAULT '[]' NOT NULL");
    }
}
