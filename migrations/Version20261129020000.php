<?php

/** Units and language as a salon and its people choose them. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129020000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Units, and a language of one\'s own';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE salon ADD units VARCHAR(6) DEFAULT 'metric' NOT NULL");
        $this->addSql('ALTER TABLE staff ADD language VARCHAR(5) DEFAULT NULL');
        $this->addSql('ALTER TABLE staff ADD human BINARY(16) DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_426EF392A562D5F5 ON staff (human)');
    }
}
