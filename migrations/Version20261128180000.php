<?php

/** What an owner was told; a dog that goes home: when, with whom, and what the owner said of somebody who is not on the list. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128180000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Who fetched a dog; what an owner was told';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE arrival ADD came_at DATETIME DEFAULT NULL, ADD left_at DATETIME DEFAULT NULL, '.
                "ADD left_with VARCHAR(120) DEFAULT '' NOT NULL, ADD left_word VARCHAR(200) DEFAULT '' NOT NULL",
        );
        $this->addSql("ALTER TABLE booking ADD promised VARCHAR(5) DEFAULT '' NOT NULL");
    }
}
