<?php

/** Each salon says above which weight a dog takes a lift table, or two people. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128233000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Lifting';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE salon ADD lift_kg DOUBLE PRECISION DEFAULT 20 NOT NULL');
    }
}
