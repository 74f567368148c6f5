<?php

/** Calendars that others subscribe to. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128234000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Calendars';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE calendar_link (subject BINARY(16) NOT NULL, round SMALLINT NOT NULL, open TINYINT NOT NULL, '.
                'id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, salon_id BINARY(16) NOT NULL, '.
                'UNIQUE INDEX UNIQ_643A1AA5FBCE3E7A (subject), INDEX IDX_643A1AA54C91BDE4 (salon_id), '.
                'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'ALTER TABLE calendar_link ADD CONSTRAINT FK_643A1AA54C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)',
        );
    }
}
