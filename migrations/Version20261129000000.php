<?php

/** Visits that take two days: the dog is washed on one, and the rest is done on the other. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129000000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Visits of two days';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE booking ADD washed TINYINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE arrival ADD washed TINYINT DEFAULT 0 NOT NULL');
    }
}
