<?php

/** The till: bills, vouchers, counted drawers, deposits. What came before it was paid as it was. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128230000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Till';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE drawer_count (day DATE NOT NULL, round SMALLINT NOT NULL, at DATETIME NOT NULL, '.
                'expected INT NOT NULL, counted INT NOT NULL, stays INT NOT NULL, sales INT NOT NULL, why '.
                'VARCHAR(200) NOT NULL, id BINARY(16) NOT NULL, place_id BINARY(16) NOT NULL, staff_id '.
                'BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, UNIQUE INDEX '.
                'UNIQ_1F7DDF8DA6A219E5A02990C5EEEA34 (place_id, day, round), INDEX IDX_1F7DDF8DA6A219 '.
                '(place_id), INDEX IDX_1F7DDF8D4D57CD (staff_id), INDEX IDX_1F7DDF84C91BDE4 (salon_id), PRIMARY '.
                'KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE `utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE sale (number INT NOT NULL, day DATE NOT NULL, at DATETIME NOT NULL, settles '.
                'VARCHAR(40) DEFAULT NULL, booking BINARY(16) DEFAULT NULL, reversed JSON NOT NULL, why '.
                'VARCHAR(200) NOT NULL, bill_lines JSON NOT NULL, payments JSON NOT NULL, total INT NOT NULL, '.
                'change_given INT NOT NULL, id BINARY(16) NOT NULL, place_id BINARY(16) NOT NULL, staff_id '.
                'BINARY(16) NOT NULL, dog_id BINARY(16) DEFAULT NULL, reverses_id BINARY(16) DEFAULT NULL, '.
                'salon_id BINARY(16) NOT NULL, INDEX IDX_E54BC005DA6A219E5A02990 (place_id, day), INDEX '.
                'IDX_E54BC005A6ACD46A (reverses_id), UNIQUE INDEX UNIQ_E54BC0054C91BDE496901F54 (salon_id, '.
                'number), UNIQUE INDEX UNIQ_E54BC005609177C5 (settles), INDEX IDX_E54BC005DA6A219 (place_id), '.
                'INDEX IDX_E54BC005D4D57CD (staff_id), INDEX IDX_E54BC005634DFEB (dog_id), INDEX '.
                'IDX_E54BC0054C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '.
                '`utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'CREATE TABLE voucher (code VARCHAR(9) NOT NULL, minor INT NOT NULL, left_minor INT NOT NULL, '.
                'sale BINARY(16) NOT NULL, id BINARY(16) NOT NULL, version INT DEFAULT 1 NOT NULL, salon_id '.
                'BINARY(16) NOT NULL, UNIQUE INDEX UNIQ_1392A5D84C91BDE477153098 (salon_id, code), INDEX '.
                'IDX_1392A5D84C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4 COLLATE '.
                '`utf8mb4_unicode_ci` ENGINE = InnoDB',
        );
        $this->addSql(
            'ALTER TABLE drawer_count ADD CONSTRAINT FK_1F7DDF8DA6A219 FOREIGN KEY (place_id) REFERENCES '.
                'place (id)',
        );
        $this->addSql(
            'ALTER TABLE drawer_count ADD CONSTRAINT FK_1F7DDF8D4D57CD FOREIGN KEY (staff_id) REFERENCES '.
                'staff (id)',
        );
        $this->addSql(
            'ALTER TABLE drawer_count ADD CONSTRAINT FK_1F7DDF84C91BDE4 FOREIGN KEY (salon_id) REFERENCES '.
                'salon (id)',
        );
        $this->addSql(
            'ALTER TABLE sale ADD CONSTRAINT FK_E54BC005DA6A219 FOREIGN KEY (place_id) REFERENCES place (id)',
        );
        $this->addSql(
            'ALTER TABLE sale ADD CONSTRAINT FK_E54BC005D4D57CD FOREIGN KEY (staff_id) REFERENCES staff (id)',
        );
        $this->addSql(
            'ALTER TABLE sale ADD CONSTRAINT FK_E54BC005634DFEB FOREIGN KEY (dog_id) REFERENCES dog (id)',
        );
        $this->addSql(
            'ALTER TABLE sale ADD CONSTRAINT FK_E54BC005A6ACD46A FOREIGN KEY (reverses_id) REFERENCES sale '.
                '(id)',
        );
        $this->addSql(
            'ALTER TABLE sale ADD CONSTRAINT FK_E54BC0054C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon '.
                '(id)',
        );
        $this->addSql(
            'ALTER TABLE voucher ADD CONSTRAINT FK_1392A5D84C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon '.
                '(id)',
        );
        $this->addSql(
            'ALTER TABLE arrival ADD paid TINYINT DEFAULT 0 NOT NULL',
        );
        $this->addSql(
            'ALTER TABLE booking ADD deposit INT DEFAULT 0 NOT NULL, ADD paid TINYINT DEFAULT 0 NOT NULL',
        );
        $this->addSql(
            'CREATE INDEX IDX_E00CEDDE4C91BDE495DB9D39 ON booking (salon_id, deposit)',
        );
        $this->addSql('UPDATE arrival SET paid = 1 WHERE day < CURRENT_DATE');
    }
}
