<?php

/** What colour a dog is, so that it is known at a glance. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128030000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Colour of the coat and its markings';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD colour VARCHAR(10) DEFAULT '' NOT NULL");
        $this->addSql("ALTER TABLE dog ADD markings JSON DEFAULT '[]' NOT NULL");
    }
}
