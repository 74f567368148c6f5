<?php

/** The first schema: salon, people, dogs, kit, plans, visits, bookings, log. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Salon, people, dogs, kit, plans, visits, bookings, log';
    }

    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE booking (day DATE NOT NULL, time VARCHAR(5) NOT NULL, kind VARCHAR(8) NOT NULL, note VARCHAR(300) NOT NULL, state VARCHAR(10) NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, staff_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_E00CEDDE4C91BDE4E5A029906F949845BF396750 (salon_id, day, time, id), INDEX IDX_E00CEDDE634DFEBE5A02990 (dog_id, day), INDEX IDX_E00CEDDE634DFEB (dog_id), INDEX IDX_E00CEDDED4D57CD (staff_id), INDEX IDX_E00CEDDE4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE change_log (at DATETIME NOT NULL, kind VARCHAR(12) NOT NULL, subject VARCHAR(40) NOT NULL, summary VARCHAR(300) NOT NULL, was JSON DEFAULT NULL, became JSON DEFAULT NULL, revision INT NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) DEFAULT NULL, staff_id BINARY(16) NOT NULL, undone_by_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_5E1A0AD84C91BDE4BF396750 (salon_id, id), INDEX IDX_5E1A0AD8634DFEBBF396750 (dog_id, id), INDEX IDX_5E1A0AD8634DFEB (dog_id), INDEX IDX_5E1A0AD8D4D57CD (staff_id), INDEX IDX_5E1A0AD813BADB3A (undone_by_id), INDEX IDX_5E1A0AD84C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE client (name VARCHAR(80) NOT NULL, phone VARCHAR(40) NOT NULL, email VARCHAR(120) NOT NULL, id BINARY(16) NOT NULL, household_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_C7440455E79FF843 (household_id), INDEX IDX_C74404554C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE dog (name VARCHAR(60) NOT NULL, breed VARCHAR(80) NOT NULL, sex VARCHAR(20) NOT NULL, born_on DATE DEFAULT NULL, born_estimated TINYINT NOT NULL, kg DOUBLE PRECISION DEFAULT NULL, build VARCHAR(10) NOT NULL, muzzle VARCHAR(10) NOT NULL, ear_type VARCHAR(12) NOT NULL, ear_set VARCHAR(10) NOT NULL, tail_type VARCHAR(10) NOT NULL, tail_carriage VARCHAR(10) NOT NULL, coat VARCHAR(20) NOT NULL, stage VARCHAR(12) NOT NULL, density VARCHAR(10) NOT NULL, upkeep VARCHAR(20) NOT NULL, finish VARCHAR(10) NOT NULL, ground VARCHAR(10) NOT NULL, hard_floor TINYINT NOT NULL, dewclaws INT NOT NULL, hand_stripped TINYINT NOT NULL, handling VARCHAR(12) NOT NULL, handling_note VARCHAR(1000) NOT NULL, health JSON NOT NULL, health_note VARCHAR(1000) NOT NULL, vet VARCHAR(120) NOT NULL, emergency VARCHAR(120) NOT NULL, may_collect VARCHAR(200) NOT NULL, photo_consent TINYINT NOT NULL, state VARCHAR(12) NOT NULL, wish_weeks INT DEFAULT NULL, version INT NOT NULL, card_version INT NOT NULL, id BINARY(16) NOT NULL, household_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_812C397D4C91BDE45E237E06BF396750 (salon_id, name, id), INDEX IDX_812C397DE79FF843 (household_id), INDEX IDX_812C397D4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE household (name VARCHAR(80) NOT NULL, note VARCHAR(500) NOT NULL, id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_54C32FC04C91BDE45E237E06 (salon_id, name), INDEX IDX_54C32FC04C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE kit_item (kind VARCHAR(16) NOT NULL, label VARCHAR(40) NOT NULL, nominal_um INT DEFAULT NULL, measured_um INT DEFAULT NULL, measured_base VARCHAR(8) DEFAULT NULL, measured_lay VARCHAR(8) DEFAULT NULL, active TINYINT NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, place_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_E222877D4C91BDE44B1EFC023BC4BCD9EA750E8 (salon_id, active, kind, label), INDEX IDX_E222877DDA6A219 (place_id), INDEX IDX_E222877D4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE place (name VARCHAR(60) NOT NULL, kind VARCHAR(8) NOT NULL, position INT NOT NULL, id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_741D53CD4C91BDE4462CE4F5 (salon_id, position), INDEX IDX_741D53CD4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE plan_zone (zone VARCHAR(40) NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, method VARCHAR(10) DEFAULT NULL, tool VARCHAR(40) DEFAULT NULL, blade VARCHAR(8) DEFAULT NULL, guard_um INT DEFAULT NULL, base VARCHAR(8) DEFAULT NULL, clipper_unit VARCHAR(60) DEFAULT NULL, lay VARCHAR(8) DEFAULT NULL, entered_um INT DEFAULT NULL, stop_line VARCHAR(20) DEFAULT NULL, shape VARCHAR(80) DEFAULT NULL, reason VARCHAR(16) DEFAULT NULL, carry VARCHAR(16) DEFAULT NULL, exception TINYINT DEFAULT NULL, note VARCHAR(300) DEFAULT NULL, plan_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_B53D0CF5E899029BA0EBC007 (plan_id, zone), INDEX IDX_B53D0CF5E899029B (plan_id), INDEX IDX_B53D0CF54C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE salon (id BINARY(16) NOT NULL, name VARCHAR(80) NOT NULL, currency VARCHAR(3) NOT NULL, hemisphere VARCHAR(5) NOT NULL, mat_rate_minor INT NOT NULL, mat_limit DOUBLE PRECISION NOT NULL, kit_version INT NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE staff (name VARCHAR(80) NOT NULL, login VARCHAR(80) NOT NULL, role VARCHAR(20) NOT NULL, password_hash VARCHAR(255) NOT NULL, pin_hash VARCHAR(255) NOT NULL, active TINYINT NOT NULL, id BINARY(16) NOT NULL, place_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_426EF3924C91BDE44B1EFC025E237E06 (salon_id, active, name), UNIQUE INDEX UNIQ_426EF392AA08CB10 (login), INDEX IDX_426EF392DA6A219 (place_id), INDEX IDX_426EF3924C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE trim_plan (revision INT NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_492AD953634DFEB (dog_id), INDEX IDX_492AD9534C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE visit (day DATE NOT NULL, kind VARCHAR(8) NOT NULL, minutes INT DEFAULT NULL, arrival_load DOUBLE PRECISION DEFAULT NULL, tender_severity INT NOT NULL, upkeep VARCHAR(20) DEFAULT NULL, stage VARCHAR(12) DEFAULT NULL, kg DOUBLE PRECISION DEFAULT NULL, note VARCHAR(1000) NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, place_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_437EE939634DFEBE5A02990BF396750 (dog_id, day, id), INDEX IDX_437EE9394C91BDE4E5A02990 (salon_id, day), INDEX IDX_437EE939634DFEB (dog_id), INDEX IDX_437EE939D4D57CD (staff_id), INDEX IDX_437EE939DA6A219 (place_id), INDEX IDX_437EE9394C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE visit_zone (zone VARCHAR(40) NOT NULL, state VARCHAR(12) NOT NULL, why VARCHAR(200) NOT NULL, finished_um INT DEFAULT NULL, arrival_um INT DEFAULT NULL, owner_cut TINYINT NOT NULL, id BINARY(16) NOT NULL, planned_method VARCHAR(10) DEFAULT NULL, planned_tool VARCHAR(40) DEFAULT NULL, planned_blade VARCHAR(8) DEFAULT NULL, planned_guard_um INT DEFAULT NULL, planned_base VARCHAR(8) DEFAULT NULL, planned_clipper_unit VARCHAR(60) DEFAULT NULL, planned_lay VARCHAR(8) DEFAULT NULL, planned_entered_um INT DEFAULT NULL, planned_stop_line VARCHAR(20) DEFAULT NULL, planned_shape VARCHAR(80) DEFAULT NULL, planned_reason VARCHAR(16) DEFAULT NULL, planned_carry VARCHAR(16) DEFAULT NULL, planned_exception TINYINT DEFAULT NULL, planned_note VARCHAR(300) DEFAULT NULL, actual_method VARCHAR(10) DEFAULT NULL, actual_tool VARCHAR(40) DEFAULT NULL, actual_blade VARCHAR(8) DEFAULT NULL, actual_guard_um INT DEFAULT NULL, actual_base VARCHAR(8) DEFAULT NULL, actual_clipper_unit VARCHAR(60) DEFAULT NULL, actual_lay VARCHAR(8) DEFAULT NULL, actual_entered_um INT DEFAULT NULL, actual_stop_line VARCHAR(20) DEFAULT NULL, actual_shape VARCHAR(80) DEFAULT NULL, actual_reason VARCHAR(16) DEFAULT NULL, actual_carry VARCHAR(16) DEFAULT NULL, actual_exception TINYINT DEFAULT NULL, actual_note VARCHAR(300) DEFAULT NULL, visit_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_7FB33DC575FA0FF2A0EBC007 (visit_id, zone), INDEX IDX_7FB33DC575FA0FF2 (visit_id), INDEX IDX_7FB33DC54C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE booking ADD CONSTRAINT FK_E00CEDDE634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE booking ADD CONSTRAINT FK_E00CEDDED4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE booking ADD CONSTRAINT FK_E00CEDDE4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE change_log ADD CONSTRAINT FK_5E1A0AD8634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE change_log ADD CONSTRAINT FK_5E1A0AD8D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE change_log ADD CONSTRAINT FK_5E1A0AD813BADB3A FOREIGN KEY (undone_by_id) REFERENCES change_log (id)');
        $this->addSql('ALTER TABLE change_log ADD CONSTRAINT FK_5E1A0AD84C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE client ADD CONSTRAINT FK_C7440455E79FF843 FOREIGN KEY (household_id) REFERENCES household (id)');
        $this->addSql('ALTER TABLE client ADD CONSTRAINT FK_C74404554C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE dog ADD CONSTRAINT FK_812C397DE79FF843 FOREIGN KEY (household_id) REFERENCES household (id)');
        $this->addSql('ALTER TABLE dog ADD CONSTRAINT FK_812C397D4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE household ADD CONSTRAINT FK_54C32FC04C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE kit_item ADD CONSTRAINT FK_E222877DDA6A219 FOREIGN KEY (place_id) REFERENCES place (id)');
        $this->addSql('ALTER TABLE kit_item ADD CONSTRAINT FK_E222877D4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE place ADD CONSTRAINT FK_741D53CD4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE plan_zone ADD CONSTRAINT FK_B53D0CF5E899029B FOREIGN KEY (plan_id) REFERENCES trim_plan (id)');
        $this->addSql('ALTER TABLE plan_zone ADD CONSTRAINT FK_B53D0CF54C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE staff ADD CONSTRAINT FK_426EF392DA6A219 FOREIGN KEY (place_id) REFERENCES place (id)');
        $this->addSql('ALTER TABLE staff ADD CONSTRAINT FK_426EF3924C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE trim_plan ADD CONSTRAINT FK_492AD953634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE trim_plan ADD CONSTRAINT FK_492AD9534C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE visit ADD CONSTRAINT FK_437EE939634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE visit ADD CONSTRAINT FK_437EE939D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE visit ADD CONSTRAINT FK_437EE939DA6A219 FOREIGN KEY (place_id) REFERENCES place (id)');
        $this->addSql('ALTER TABLE visit ADD CONSTRAINT FK_437EE9394C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE visit_zone ADD CONSTRAINT FK_7FB33DC575FA0FF2 FOREIGN KEY (visit_id) REFERENCES visit (id)');
        $this->addSql('ALTER TABLE visit_zone ADD CONSTRAINT FK_7FB33DC54C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        // Tables without an entity: sessions, throttles, search terms, answers already given to a write.
        $this->addSql('CREATE TABLE sessions (sess_id VARBINARY(128) NOT NULL PRIMARY KEY, sess_data BLOB NOT NULL, sess_lifetime INTEGER UNSIGNED NOT NULL, sess_time INTEGER UNSIGNED NOT NULL, INDEX sess_lifetime_idx (sess_lifetime)) COLLATE utf8mb4_bin, ENGINE = InnoDB');
        $this->addSql('CREATE TABLE cache_items (item_id VARBINARY(255) NOT NULL PRIMARY KEY, item_data MEDIUMBLOB NOT NULL, item_lifetime INTEGER UNSIGNED, item_time INTEGER UNSIGNED NOT NULL) ENGINE = InnoDB');
        $this->addSql('CREATE TABLE lock_keys (key_id VARCHAR(64) NOT NULL PRIMARY KEY, key_token VARCHAR(44) NOT NULL, key_expiration INTEGER UNSIGNED NOT NULL) ENGINE = InnoDB');
        $this->addSql('CREATE TABLE dog_term (salon_id BINARY(16) NOT NULL, field TINYINT NOT NULL, term VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, dog_id BINARY(16) NOT NULL, PRIMARY KEY (salon_id, field, term, dog_id), INDEX (dog_id, term)) ENGINE = InnoDB');
        $this->addSql('CREATE TABLE request_key (salon_id BINARY(16) NOT NULL, request_key VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, body_hash CHAR(64) CHARACTER SET ascii NOT NULL, status SMALLINT NOT NULL DEFAULT 0, response MEDIUMTEXT NULL, created_at DATETIME NOT NULL, PRIMARY KEY (salon_id, request_key), INDEX (created_at)) DEFAULT CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci ENGINE = InnoDB');
    }
}
