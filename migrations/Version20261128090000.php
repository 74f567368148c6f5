<?php

/** What a home agrees to, whom else it names, its vet; a message that waits for the end of quiet hours. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128090000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Consent, quiet hours, collectors and the vet of a home';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE client ADD writes VARCHAR(8) DEFAULT 'unasked' NOT NULL, ADD writes_on DATE DEFAULT NULL, ".
                "ADD collects TINYINT(1) DEFAULT 1 NOT NULL, ADD word VARCHAR(60) DEFAULT '' NOT NULL",
        );
        $this->addSql(
            "ALTER TABLE household ADD vet VARCHAR(160) DEFAULT '' NOT NULL, ADD others JSON DEFAULT '[]' NOT NULL, ".
                "ADD quiet_from VARCHAR(5) DEFAULT '' NOT NULL, ADD quiet_to VARCHAR(5) DEFAULT '' NOT NULL",
        );
        $this->addSql('CREATE INDEX IDX_C74404554C91BDE4444F97DD ON client (salon_id, phone)');
        $this->addSql('ALTER TABLE message ADD not_before DATETIME DEFAULT NULL');
        // One vet for all dogs of a home is the home's; what differs stays with the dog.
        $this->addSql(
            'UPDATE household h JOIN (SELECT household_id, MIN(vet) vet FROM dog GROUP BY household_id HAVING '.
                "COUNT(DISTINCT vet) = 1 AND MIN(vet) <> '') d ON d.household_id = h.id SET h.vet = d.vet",
        );
        $this->addSql("UPDATE dog d JOIN household h ON h.id = d.household_id SET d.vet = '' WHERE d.vet = h.vet");
    }
}
