<?php

/** Kit, wash and house patterns: a tool's life, what a measurement changes, bottles, patterns and who follows them. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261125230000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Tool entries, derivations, products and bottles, house patterns';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE derivation (at DATETIME NOT NULL, before_um INT DEFAULT NULL, before_base VARCHAR(8) DEFAULT NULL, before_lay VARCHAR(8) DEFAULT NULL, after_um INT DEFAULT NULL, after_base VARCHAR(8) DEFAULT NULL, after_lay VARCHAR(8) DEFAULT NULL, reached BINARY(16) DEFAULT NULL, done INT NOT NULL, total INT NOT NULL, changed INT NOT NULL, finished_at DATETIME DEFAULT NULL, id BINARY(16) NOT NULL, item_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_4F34DB3E126F525EBF396750 (item_id, id), INDEX IDX_4F34DB3E126F525E (item_id), INDEX IDX_4F34DB3ED4D57CD (staff_id), INDEX IDX_4F34DB3E4C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE length_change (zones JSON NOT NULL, most_um INT NOT NULL, id BINARY(16) NOT NULL, derivation_id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_901C7302BCCE584D22B1BDBBF396750 (derivation_id, most_um, id), UNIQUE INDEX UNIQ_901C7302BCCE584634DFEB (derivation_id, dog_id), INDEX IDX_901C7302BCCE584 (derivation_id), INDEX IDX_901C7302634DFEB (dog_id), INDEX IDX_901C73024C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE tool_entry (kind VARCHAR(12) NOT NULL, at DATETIME NOT NULL, minutes DOUBLE PRECISION NOT NULL, dirt VARCHAR(10) NOT NULL, celsius DOUBLE PRECISION DEFAULT NULL, id BINARY(16) NOT NULL, item_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, dog_id BINARY(16) DEFAULT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_CAF447284C91BDE46A57FD3C (salon_id, at), INDEX IDX_CAF44728126F525E6A57FD3CBF396750 (item_id, at, id), INDEX IDX_CAF44728126F525E (item_id), INDEX IDX_CAF44728D4D57CD (staff_id), INDEX IDX_CAF44728634DFEB (dog_id), INDEX IDX_CAF447284C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE house_pattern_follow (taken INT NOT NULL, own JSON NOT NULL, id BINARY(16) NOT NULL, dog_id BINARY(16) NOT NULL, pattern_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_668067B1F734A20FBF396750 (pattern_id, id), UNIQUE INDEX UNIQ_668067B1634DFEB (dog_id), INDEX IDX_668067B1F734A20F (pattern_id), INDEX IDX_668067B14C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE house_pattern (name VARCHAR(60) NOT NULL, note VARCHAR(300) NOT NULL, line LONGTEXT NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_376B7A934C91BDE45E237E06 (salon_id, name), INDEX IDX_376B7A934C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE wash_bottle (ratio DOUBLE PRECISION NOT NULL, ml DOUBLE PRECISION NOT NULL, concentrate_ml DOUBLE PRECISION NOT NULL, mixed_on DATE NOT NULL, discard_by DATE NOT NULL, poured_on DATE DEFAULT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, product_id BINARY(16) NOT NULL, staff_id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_806D4C644C91BDE42DC2FCF9BECB9DBCBF396750 (salon_id, poured_on, discard_by, id), INDEX IDX_806D4C644584665A (product_id), INDEX IDX_806D4C64D4D57CD (staff_id), INDEX IDX_806D4C644C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('CREATE TABLE wash_product (name VARCHAR(60) NOT NULL, kind VARCHAR(12) NOT NULL, ratio DOUBLE PRECISION NOT NULL, label_days INT DEFAULT NULL, dwell INT DEFAULT NULL, coats JSON NOT NULL, bottle_ml INT NOT NULL, stock_ml DOUBLE PRECISION NOT NULL, litre_minor INT DEFAULT NULL, note VARCHAR(200) NOT NULL, active TINYINT NOT NULL, version INT NOT NULL, id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, INDEX IDX_82B8C0724C91BDE44B1EFC025E237E06 (salon_id, active, name), INDEX IDX_82B8C0724C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB');
        $this->addSql('ALTER TABLE derivation ADD CONSTRAINT FK_4F34DB3E126F525E FOREIGN KEY (item_id) REFERENCES kit_item (id)');
        $this->addSql('ALTER TABLE derivation ADD CONSTRAINT FK_4F34DB3ED4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE derivation ADD CONSTRAINT FK_4F34DB3E4C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE length_change ADD CONSTRAINT FK_901C7302BCCE584 FOREIGN KEY (derivation_id) REFERENCES derivation (id)');
        $this->addSql('ALTER TABLE length_change ADD CONSTRAINT FK_901C7302634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE length_change ADD CONSTRAINT FK_901C73024C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE tool_entry ADD CONSTRAINT FK_CAF44728126F525E FOREIGN KEY (item_id) REFERENCES kit_item (id)');
        $this->addSql('ALTER TABLE tool_entry ADD CONSTRAINT FK_CAF44728D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE tool_entry ADD CONSTRAINT FK_CAF44728634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE tool_entry ADD CONSTRAINT FK_CAF447284C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE house_pattern_follow ADD CONSTRAINT FK_668067B1634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)');
        $this->addSql('ALTER TABLE house_pattern_follow ADD CONSTRAINT FK_668067B1F734A20F FOREIGN KEY (pattern_id) REFERENCES house_pattern (id)');
        $this->addSql('ALTER TABLE house_pattern_follow ADD CONSTRAINT FK_668067B14C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE house_pattern ADD CONSTRAINT FK_376B7A934C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE wash_bottle ADD CONSTRAINT FK_806D4C644584665A FOREIGN KEY (product_id) REFERENCES wash_product (id)');
        $this->addSql('ALTER TABLE wash_bottle ADD CONSTRAINT FK_806D4C64D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)');
        $this->addSql('ALTER TABLE wash_bottle ADD CONSTRAINT FK_806D4C644C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql('ALTER TABLE wash_product ADD CONSTRAINT FK_82B8C0724C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)');
        $this->addSql("ALTER TABLE dog ADD reactions JSON DEFAULT '[]' NOT NULL");
        $this->addSql('CREATE INDEX IDX_B53D0CF54C91BDE4217C01E8 ON plan_zone (salon_id, blade)');
        $this->addSql('CREATE INDEX IDX_B53D0CF54C91BDE4C0B4FE61 ON plan_zone (salon_id, base)');
        $this->addSql('CREATE INDEX IDX_B53D0CF54C91BDE4F3097F98 ON plan_zone (salon_id, guard_um)');
        $this->addSql('CREATE INDEX IDX_B53D0CF54C91BDE4D70E454A ON plan_zone (salon_id, clipper_unit)');
        $this->addSql("ALTER TABLE kit_item ADD spread DOUBLE PRECISION DEFAULT NULL, ADD measured_at DATETIME DEFAULT NULL, ADD note VARCHAR(200) DEFAULT '' NOT NULL, ADD keeper_id BINARY(16) DEFAULT NULL");
        $this->addSql('ALTER TABLE kit_item ADD CONSTRAINT FK_E222877D7B7C4783 FOREIGN KEY (keeper_id) REFERENCES staff (id)');
        $this->addSql('CREATE INDEX IDX_E222877D7B7C4783 ON kit_item (keeper_id)');
    }
}
