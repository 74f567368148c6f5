<?php

/** What a dog has come for, on its arrival. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127233000 extends Resumable
{
    public function getDescription(): string
    {
        return 'What a dog has come for';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE arrival ADD kind VARCHAR(8) DEFAULT 'full' NOT NULL");
    }
}
