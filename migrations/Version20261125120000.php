<?php

/** Arrivals with their agreements and photos, what dogs bear, and the settings those need. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261125120000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Arrival: comb test, hands-on check, agreement, photos, handling';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE agreement (number INT NOT NULL, agreed TINYINT NOT NULL, signed_by VARCHAR(80) NOT NULL, signature LONGTEXT NOT NULL, terms LONGTEXT NOT NULL, at DATETIME NOT NULL, seal VARCHAR(64) NOT NULL, token VARCHAR(40) NOT NULL, id BINARY(16) NOT NULL, arrival_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_2E655A246278970896901F54 (arrival_id, number), UNIQUE INDEX UNIQ_2E655A245F37A13B (token), INDEX IDX_2E655A2462789708 (arrival_id), INDEX IDX_2E655A24D4D57CD (staff_id), INDEX IDX_2E655A244C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE arrival (day DATE NOT NULL, state VARCHAR(8) NOT NULL, comb JSON NOT NULL, comb_version INT NOT NULL, hands_on JSON NOT NULL, check_version INT NOT NULL, choice VARCHAR(16) NOT NULL, mat_load DOUBLE PRECISION NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_5BE55CB44C91BDE4E5A02990 (salon_id, day), UNIQUE INDEX UNIQ_5BE55CB4634DFEBE5A02990 (dog_id, day), INDEX IDX_5BE55CB4634DFEB (dog_id), INDEX IDX_5BE55CB4D4D57CD (staff_id), INDEX IDX_5BE55CB44C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE photo (zone VARCHAR(40) NOT NULL, moment VARCHAR(6) NOT NULL, width INT NOT NULL, height INT NOT NULL, id BINARY(16) NOT NULL, arrival_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_14B7841862789708BF396750 (arrival_id, id), INDEX IDX_14B7841862789708 (arrival_id), INDEX IDX_14B78418D4D57CD (staff_id), INDEX IDX_14B784184C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE handling_record (tool VARCHAR(16) NOT NULL, tolerance INT NOT NULL, place VARCHAR(80) NOT NULL, trigger_note VARCHAR(120) NOT NULL, cause VARCHAR(16) NOT NULL, works VARCHAR(20) NOT NULL, hold VARCHAR(120) NOT NULL, banned VARCHAR(80) NOT NULL, marker VARCHAR(40) NOT NULL, treats VARCHAR(80) NOT NULL, second_person TINYINT NOT NULL, owner_says VARCHAR(200) NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_522F1AF8634DFEB20F33ED1 (dog_id, tool), INDEX IDX_522F1AF8634DFEB (dog_id), INDEX IDX_522F1AF84C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE ladder_entry (tool VARCHAR(16) NOT NULL, rung VARCHAR(24) NOT NULL, calm TINYINT NOT NULL, day DATE NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, place_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_ED73652E634DFEBE5A02990BF396750 (dog_id, day, id), INDEX IDX_ED73652E634DFEB (dog_id), INDEX IDX_ED73652ED4D57CD (staff_id), INDEX IDX_ED73652EDA6A219 (place_id), INDEX IDX_ED73652E4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE agreement ADD CONSTRAINT FK_2E655A2462789708 FOREIGN KEY (arrival_id) REFERENCES arrival (id)');
        $this->addSql('ALTER TABLE agreement ADD CONSTRAINT FK_2E655A24D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE agreement ADD CONSTRAINT FK_2E655A244C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE arrival ADD CONSTRAINT FK_5BE55CB4634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE arrival ADD CONSTRAINT FK_5BE55CB4D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE arrival ADD CONSTRAINT FK_5BE55CB44C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_14B7841862789708 FOREIGN KEY (arrival_id) REFERENCES arrival (id)');
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_14B78418D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_14B784184C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE handling_record ADD CONSTRAINT FK_522F1AF8634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE handling_record ADD CONSTRAINT FK_522F1AF84C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE ladder_entry ADD CONSTRAINT FK_ED73652E634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE ladder_entry ADD CONSTRAINT FK_ED73652ED4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE ladder_entry ADD CONSTRAINT FK_ED73652EDA6A219 FOREIGN KEY (place_id) REFERENCES place (id)');
        $this->addSql('ALTER TABLE ladder_entry ADD CONSTRAINT FK_ED73652E4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE salon ADD rate_minor INT DEFAULT 60 NOT NULL, ADD asks_for_vaccination TINYINT DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE staff ADD confidence INT DEFAULT 3 NOT NULL');
        $this->addSql('ALTER TABLE visit ADD estimate DOUBLE PRECISION DEFAULT NULL');
    }
}
