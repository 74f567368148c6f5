<?php

/** The worker's sign of life. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128120000 extends Resumable
{
    public function getDescription(): string
    {
        return 'When the worker was seen last';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE beat (name VARCHAR(16) NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (name)) ENGINE = InnoDB',
        );
    }
}
