<?php

/** Whose day it is in a salon. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127060000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Time zone of a salon';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE salon ADD time_zone VARCHAR(40) DEFAULT 'UTC' NOT NULL");
    }
}
