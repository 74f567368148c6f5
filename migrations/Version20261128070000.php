<?php

/** A home has a page of its own, which two may change at once. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128070000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Versions of homes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE household ADD version INT DEFAULT 1 NOT NULL');
    }
}
