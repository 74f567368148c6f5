<?php

/** Ears and legs that a dog has not. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129010000 extends Resumable
{
    public function getDescription(): string
    {
        return 'What a dog has not';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD absent JSON DEFAULT '[]' NOT NULL");
    }
}
