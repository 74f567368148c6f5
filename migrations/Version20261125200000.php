<?php

/** The table: grooms and their taps, incidents, the outbox. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261125200000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Grooms, taps, incidents, messages; measures of a dog';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE message (at DATETIME NOT NULL, kind VARCHAR(16) NOT NULL, sent_to VARCHAR(120) NOT NULL, text VARCHAR(1000) NOT NULL, state VARCHAR(8) NOT NULL, receipt VARCHAR(200) NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, client_id BINARY(16) DEFAULT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_B6BD307F4C91BDE4BF396750 (salon_id, id), INDEX IDX_B6BD307F634DFEB (dog_id), INDEX IDX_B6BD307F19EB6921 (client_id), INDEX IDX_B6BD307FD4D57CD (staff_id), INDEX IDX_B6BD307F4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE incident (tap VARCHAR(64) NOT NULL, at DATETIME NOT NULL, what VARCHAR(16) NOT NULL, zone VARCHAR(40) NOT NULL, tool VARCHAR(60) NOT NULL, action VARCHAR(200) NOT NULL, told TINYINT NOT NULL, follow_up VARCHAR(200) NOT NULL, id BINARY(16) NOT NULL, groom_id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_3D03A11A4C91BDE46A57FD3CBF396750 (salon_id, at, id), UNIQUE INDEX UNIQ_3D03A11A7677D926805A3244 (groom_id, tap), INDEX IDX_3D03A11A7677D926 (groom_id), INDEX IDX_3D03A11A634DFEB (dog_id), INDEX IDX_3D03A11AD4D57CD (staff_id), INDEX IDX_3D03A11A4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE groom (opened_at DATETIME NOT NULL, plan JSON NOT NULL, steps JSON NOT NULL, notices JSON NOT NULL, estimate JSON NOT NULL, seq INT NOT NULL, running TINYINT NOT NULL, closed_at DATETIME DEFAULT NULL, care_token VARCHAR(32) DEFAULT NULL, care JSON NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, arrival_id BINARY(16) NOT NULL, place_id BINARY(16) NOT NULL, opened_by_id BINARY(16) NOT NULL, closed_by_id BINARY(16) DEFAULT NULL, visit_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_BEEBD2C7C1745B49 (care_token), INDEX IDX_BEEBD2C7634DFEB8B0BD804 (dog_id, opened_at), INDEX IDX_BEEBD2C74C91BDE45D13417F8B0BD804 (salon_id, closed_at, opened_at), INDEX IDX_BEEBD2C7634DFEB (dog_id), INDEX IDX_BEEBD2C762789708 (arrival_id), INDEX IDX_BEEBD2C7DA6A219 (place_id), INDEX IDX_BEEBD2C7AB159F5 (opened_by_id), INDEX IDX_BEEBD2C7E1FA7797 (closed_by_id), INDEX IDX_BEEBD2C775FA0FF2 (visit_id), INDEX IDX_BEEBD2C74C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE groom_tap (tap VARCHAR(64) NOT NULL, seq INT NOT NULL, device VARCHAR(64) NOT NULL, at VARCHAR(24) NOT NULL, kind VARCHAR(12) NOT NULL, data JSON NOT NULL, held TINYINT NOT NULL, id BINARY(16) NOT NULL, groom_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_39F5A8F37677D926805A3244 (groom_id, tap), UNIQUE INDEX UNIQ_39F5A8F37677D926967ED153 (groom_id, seq), INDEX IDX_39F5A8F37677D926 (groom_id), INDEX IDX_39F5A8F3D4D57CD (staff_id), INDEX IDX_39F5A8F34C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307F634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307F19EB6921 FOREIGN KEY (client_id) REFERENCES client (id)');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307FD4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE message ADD CONSTRAINT FK_B6BD307F4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE incident ADD CONSTRAINT FK_3D03A11A7677D926 FOREIGN KEY (groom_id) REFERENCES groom (id)');
        $this->addSql('ALTER TABLE incident ADD CONSTRAINT FK_3D03A11A634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE incident ADD CONSTRAINT FK_3D03A11AD4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE incident ADD CONSTRAINT FK_3D03A11A4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C7634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C762789708 FOREIGN KEY (arrival_id) REFERENCES arrival (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C7DA6A219 FOREIGN KEY (place_id) REFERENCES place (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C7AB159F5 FOREIGN KEY (opened_by_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C7E1FA7797 FOREIGN KEY (closed_by_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C775FA0FF2 FOREIGN KEY (visit_id) REFERENCES visit (id)');
        $this->addSql('ALTER TABLE groom ADD CONSTRAINT FK_BEEBD2C74C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE groom_tap ADD CONSTRAINT FK_39F5A8F37677D926 FOREIGN KEY (groom_id) REFERENCES groom (id)');
        $this->addSql('ALTER TABLE groom_tap ADD CONSTRAINT FK_39F5A8F3D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE groom_tap ADD CONSTRAINT FK_39F5A8F34C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql("ALTER TABLE salon ADD styles JSON DEFAULT '[]' NOT NULL");
        $this->addSql("ALTER TABLE dog ADD measures JSON DEFAULT '{}' NOT NULL, ADD schools JSON DEFAULT '{}' NOT NULL");
    }
}
