<?php

/** Work behind the scenes: the queue, the jobs, the nights that were swept; how often a message was tried. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127200000 extends Resumable
{
    public function getDescription(): string
    {
        return 'The queue of work behind the scenes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE messenger_messages (id BIGINT AUTO_INCREMENT NOT NULL, body LONGTEXT NOT NULL, headers '.
                'LONGTEXT NOT NULL, queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at '.
                'DATETIME NOT NULL, delivered_at DATETIME DEFAULT NULL, INDEX '.
                'IDX_75EA56E0FB7336F0E3BD61CE16BA31DBBF396750 (queue_name, available_at, delivered_at, id), PRIMARY '.
                'KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE job (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, '.
                'subject BINARY(16) NOT NULL, about VARCHAR(200) NOT NULL, command MEDIUMTEXT NOT NULL, state '.
                "VARCHAR(8) NOT NULL DEFAULT 'open', step INT NOT NULL DEFAULT 0, done INT NOT NULL DEFAULT 0, total ".
                "INT NOT NULL, why VARCHAR(300) NOT NULL DEFAULT '', at DATETIME NOT NULL, ended_at DATETIME ".
                'DEFAULT NULL, PRIMARY KEY (id), INDEX state (salon_id, state, id), INDEX subject (subject, id), '.
                'INDEX ended (ended_at), CONSTRAINT job_salon FOREIGN KEY (salon_id) REFERENCES salon (id), '.
                'CONSTRAINT job_staff FOREIGN KEY (staff_id) REFERENCES staff (id)) DEFAULT CHARACTER SET utf8mb4 '.
                'COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE night (day DATE NOT NULL, began_at DATETIME NOT NULL, PRIMARY KEY (day)) ENGINE = InnoDB',
        );
        $this->addSql('ALTER TABLE message ADD tries SMALLINT DEFAULT 0 NOT NULL');
    }
}
