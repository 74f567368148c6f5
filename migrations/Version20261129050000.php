<?php

/** Programmes that are let in, the order of changes as they read it, and what they are told. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129050000 extends Resumable
{
    private const TABLE = ' DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB';

    public function getDescription(): string
    {
        return 'Programmes let in by a token, a feed of changes, deliveries';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE integration (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, '.
                'staff_id BINARY(16) NOT NULL, name VARCHAR(60) NOT NULL, may VARCHAR(200) NOT NULL, '.
                'made_at DATETIME NOT NULL, until_at DATETIME NOT NULL, ended_at DATETIME DEFAULT NULL, '.
                'used_at DATETIME DEFAULT NULL, minute INT DEFAULT 0 NOT NULL, calls INT DEFAULT 0 NOT NULL, '.
                "tell VARCHAR(300) DEFAULT '' NOT NULL, told BIGINT DEFAULT 0 NOT NULL, PRIMARY KEY (id), ".
                'INDEX integration_of_salon (salon_id, id))'.
                self::TABLE,
        );
        $this->addSql(
            'CREATE TABLE change_position (salon_id BINARY(16) NOT NULL, position BIGINT NOT NULL, '.
                'change_id BINARY(16) NOT NULL, PRIMARY KEY (salon_id, position), '.
                'UNIQUE INDEX position_of_change (change_id))'.
                self::TABLE,
        );
        $this->addSql(
            'CREATE TABLE delivery (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, '.
                'integration_id BINARY(16) NOT NULL, after_position BIGINT NOT NULL, up_to BIGINT NOT NULL, '.
                "at DATETIME NOT NULL, claimed_at DATETIME DEFAULT NULL, state VARCHAR(8) DEFAULT 'waiting' NOT NULL, ".
                "answer VARCHAR(200) DEFAULT '' NOT NULL, tries SMALLINT DEFAULT 0 NOT NULL, PRIMARY KEY (id), ".
                'INDEX delivery_of_salon (salon_id, id), INDEX delivery_by_state (state, id))'.
                self::TABLE,
        );
    }
}
