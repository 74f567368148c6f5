<?php

/** Sheets that are taken in, and what was made of their rows. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129030000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Sheets that are taken in; how a dog is trimmed, as its paper card says it';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD paper VARCHAR(1000) DEFAULT '' NOT NULL");
        $this->addSql(
            'CREATE TABLE import (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, '.
                "name VARCHAR(120) NOT NULL, state VARCHAR(8) DEFAULT 'read' NOT NULL, made INT DEFAULT 0 NOT NULL, ".
                'at DATETIME NOT NULL, PRIMARY KEY (id), INDEX import_of_salon (salon_id, id)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE imported (import_id BINARY(16) NOT NULL, sheet_row INT NOT NULL, dog_id BINARY(16) NOT NULL, '.
                'PRIMARY KEY (import_id, sheet_row), INDEX imported_dog (dog_id, import_id)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
    }
}
