<?php

/** What was said on the phone of a dog nobody had seen is kept with it. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128190000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Phone quotes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD told VARCHAR(300) DEFAULT '' NOT NULL");
    }
}
