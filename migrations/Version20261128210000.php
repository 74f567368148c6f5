<?php

/** People have a break of each day. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128210000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Breaks';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE staff ADD break_from VARCHAR(5) DEFAULT '' NOT NULL, ".
                "ADD break_to VARCHAR(5) DEFAULT '' NOT NULL",
        );
    }
}
