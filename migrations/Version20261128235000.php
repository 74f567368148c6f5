<?php

/** Dogs that must not meet, those that bear noise badly; how much heavy work one body does a day. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128235000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Dogs that must not meet';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE dog ADD apart JSON DEFAULT '[]' NOT NULL, ADD quiet TINYINT DEFAULT 0 NOT NULL");
        $this->addSql('ALTER TABLE staff ADD heavy_most INT DEFAULT NULL, ADD strip_most INT DEFAULT NULL');
    }
}
