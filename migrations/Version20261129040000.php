<?php

/** Two records that are one dog. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129040000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Records of dogs that were made one';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE dog_merge (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, '.
                'kept_id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, state VARCHAR(12) NOT NULL, moved JSON NOT NULL, '.
                'at DATETIME NOT NULL, parted TINYINT DEFAULT 0 NOT NULL, PRIMARY KEY (id), '.
                'INDEX merge_of_dog (salon_id, kept_id), INDEX merge_dog (dog_id)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
    }
}
