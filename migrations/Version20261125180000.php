<?php

/** House style. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261125180000 extends Resumable
{
    public function getDescription(): string
    {
        return 'The schools a salon has picked';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE salon ADD schools JSON DEFAULT '{}' NOT NULL, ADD house_version INT DEFAULT 1 NOT NULL");
    }
}
