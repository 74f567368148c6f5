<?php

/** A booking keeps its person's hour, the day it was first booked for, why it slipped, and what it was booked with. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128170000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Bookings that move';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE booking ADD held VARCHAR(16) DEFAULT NULL, ADD first_day DATE DEFAULT NULL, '.
                "ADD cause VARCHAR(8) DEFAULT '' NOT NULL, ADD series BINARY(16) DEFAULT NULL",
        );
        // Where a person has two at once already, neither holds the hour.
        $this->addSql(
            'UPDATE booking b JOIN (SELECT staff_id, slot FROM booking WHERE staff_id IS NOT NULL AND slot IS NOT NULL '.
                'GROUP BY staff_id, slot HAVING COUNT(*) = 1) alone ON alone.staff_id = b.staff_id '.
                'AND alone.slot = b.slot SET b.held = b.slot',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_E00CEDDED4D57CD125D88D1 ON booking (staff_id, held)');
        $this->addSql('CREATE INDEX IDX_E00CEDDE3A10012D ON booking (series)');
    }
}
