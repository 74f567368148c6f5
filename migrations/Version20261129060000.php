<?php

/** Histories that travel, notes for one's own salon, and what people agreed to with its date and text. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129060000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Histories that travel between salons; notes for one\'s own salon';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE history_ask (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, '.
                'staff_id BINARY(16) NOT NULL, named VARCHAR(80) NOT NULL, from_salon_id BINARY(16) DEFAULT NULL, '.
                "from_dog_id BINARY(16) DEFAULT NULL, asked_at DATETIME NOT NULL, state VARCHAR(8) DEFAULT 'asked' ".
                "NOT NULL, parts VARCHAR(60) DEFAULT '[]' NOT NULL, since DATETIME DEFAULT NULL, ".
                'ended_at DATETIME DEFAULT NULL, seen_on DATE DEFAULT NULL, copy LONGTEXT DEFAULT NULL, '.
                'PRIMARY KEY (id), INDEX history_of_dog (salon_id, dog_id, id), '.
                'INDEX history_from_dog (from_salon_id, from_dog_id, id), INDEX history_asked (salon_id, asked_at)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE consent (id BINARY(16) NOT NULL, text VARCHAR(200) NOT NULL, at DATETIME NOT NULL, '.
                'household_id BINARY(16) NOT NULL, client_id BINARY(16) DEFAULT NULL, dog_id BINARY(16) DEFAULT NULL, '.
                'staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, PRIMARY KEY (id)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
        $this->addSql('CREATE INDEX IDX_63120810E79FF843BF396750 ON consent (household_id, id)');
        $this->addSql('CREATE INDEX IDX_63120810E79FF843 ON consent (household_id)');
        $this->addSql('CREATE INDEX IDX_6312081019EB6921 ON consent (client_id)');
        $this->addSql('CREATE INDEX IDX_63120810634DFEB ON consent (dog_id)');
        $this->addSql('CREATE INDEX IDX_63120810D4D57CD ON consent (staff_id)');
        $this->addSql('CREATE INDEX IDX_631208104C91BDE4 ON consent (salon_id)');
        $this->addSql(
            'ALTER TABLE consent ADD CONSTRAINT FK_63120810E79FF843 '.
                'FOREIGN KEY (household_id) REFERENCES household (id)',
        );
        $this->addSql(
            'ALTER TABLE consent ADD CONSTRAINT FK_6312081019EB6921 '.
                'FOREIGN KEY (client_id) REFERENCES client (id)',
        );
        $this->addSql('ALTER TABLE consent ADD CONSTRAINT FK_63120810634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql(
            'ALTER TABLE consent ADD CONSTRAINT FK_63120810D4D57CD '.
                'FOREIGN KEY (staff_id) REFERENCES staff (id)',
        );
        $this->addSql(
            'ALTER TABLE consent ADD CONSTRAINT FK_631208104C91BDE4 '.
                'FOREIGN KEY (salon_id) REFERENCES salon (id)',
        );
        $this->addSql('ALTER TABLE salon ADD keep_messages_months SMALLINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE salon ADD keep_gone_years SMALLINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE visit ADD note_own TINYINT(1) DEFAULT 0 NOT NULL');
    }
}
