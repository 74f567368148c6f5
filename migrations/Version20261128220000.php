<?php

/** Owners answer about a date by a link; who does not come, or cancels late, is charged as the house terms say. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128220000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Confirmations, reminders, who did not come';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE booking ADD asked_at DATETIME DEFAULT NULL, ADD reminded VARCHAR(16) DEFAULT NULL, '.
                "ADD answer VARCHAR(8) DEFAULT '' NOT NULL, ADD answered_at DATETIME DEFAULT NULL, ".
                "ADD told VARCHAR(500) DEFAULT '' NOT NULL, ADD owner_moves SMALLINT DEFAULT 0 NOT NULL, ".
                "ADD charge INT DEFAULT 0 NOT NULL, ADD let_go VARCHAR(200) DEFAULT '' NOT NULL",
        );
        $this->addSql(
            'ALTER TABLE dog ADD vaccinated_until DATE DEFAULT NULL, ADD due_on DATE DEFAULT NULL, '.
                "ADD due_kind VARCHAR(8) DEFAULT '' NOT NULL, ADD due_version INT DEFAULT 0 NOT NULL",
        );
        $this->addSql('CREATE INDEX IDX_812C397D4C91BDE430E2D6DB ON dog (salon_id, due_on)');
        $this->addSql('ALTER TABLE salon ADD remind_days SMALLINT DEFAULT 2 NOT NULL');
    }
}
