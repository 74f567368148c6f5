<?php

/** What a visit did not set back, what its arrival saw, where a dog bears a tool badly, and today's list. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127210000 extends Resumable
{
    public function getDescription(): string
    {
        return 'One chain: what a visit left out, what an arrival saw, where a dog bears a tool badly, today\'s list';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE visit ADD left_out JSON DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE visit ADD seen JSON DEFAULT '{}' NOT NULL");
        $this->addSql("ALTER TABLE handling_record ADD places JSON DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE groom ADD today JSON DEFAULT '{}' NOT NULL");
    }
}
