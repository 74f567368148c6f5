<?php

/** The van's round: where homes are, what the van holds, roads that are shut. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261129070000 extends Resumable
{
    public function getDescription(): string
    {
        return 'The van\'s round';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE household ADD spot VARCHAR(40) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE household ADD has_water TINYINT DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE household ADD has_power TINYINT DEFAULT 0 NOT NULL');
        $this->addSql("ALTER TABLE place ADD round JSON DEFAULT '{}' NOT NULL");
        $this->addSql(
            'CREATE TABLE road_shut (id BINARY(16) NOT NULL, day DATE NOT NULL, way VARCHAR(40) NOT NULL, '.
                'shut_from VARCHAR(5) NOT NULL, shut_to VARCHAR(5) NOT NULL, staff_id BINARY(16) NOT NULL, '.
                'salon_id BINARY(16) NOT NULL, PRIMARY KEY (id)) '.
                'DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB',
        );
        $this->addSql('CREATE INDEX IDX_F1EB2914C91BDE4E5A02990 ON road_shut (salon_id, day)');
        $this->addSql('CREATE INDEX IDX_F1EB291D4D57CD ON road_shut (staff_id)');
        $this->addSql('CREATE INDEX IDX_F1EB2914C91BDE4 ON road_shut (salon_id)');
        $this->addSql('ALTER TABLE road_shut ADD CONSTRAINT FK_F1EB291D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql(
            'ALTER TABLE road_shut ADD CONSTRAINT FK_F1EB2914C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)',
        );
    }
}
