<?php

/** Who signed in where; how a person wants their screens. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128100000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Sign-ins, theme and left-handed layout';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE sign_in (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, '.
                'at DATETIME NOT NULL, how VARCHAR(8) NOT NULL, device VARCHAR(60) NOT NULL, '.
                'ended_at DATETIME DEFAULT NULL, INDEX sign_in_salon (salon_id, id), '.
                'INDEX sign_in_staff (staff_id, ended_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            "ALTER TABLE staff ADD theme VARCHAR(6) DEFAULT 'device' NOT NULL, ".
                'ADD left_handed TINYINT(1) DEFAULT 0 NOT NULL',
        );
    }
}
