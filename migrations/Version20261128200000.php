<?php

/** The waiting list. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128200000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Waiting list';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE waiting_dog (id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, '.
                'staff_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, kind VARCHAR(8) NOT NULL, '.
                'since DATE NOT NULL, until DATE NOT NULL, note VARCHAR(200) NOT NULL, version INT DEFAULT 1 NOT NULL, '.
                'INDEX IDX_B0A0029D4C91BDE48F2A2583F3F9E12 (salon_id, until, since), '.
                'UNIQUE INDEX UNIQ_B0A0029D634DFEB3BC4BCD9 (dog_id, kind), INDEX IDX_B0A0029D634DFEB (dog_id), '.
                'INDEX IDX_B0A0029DD4D57CD (staff_id), INDEX IDX_B0A0029D4C91BDE4 (salon_id), PRIMARY KEY (id)) '.
                'DEFAULT CHARACTER SET utf8mb4',
        );
        foreach (['634DFEB' => 'dog', 'D4D57CD' => 'staff', '4C91BDE4' => 'salon'] as $name => $of) {
            $this->addSql(
                "ALTER TABLE waiting_dog ADD CONSTRAINT FK_B0A0029D$name FOREIGN KEY ({$of}_id) REFERENCES $of (id)",
            );
        }
    }
}
