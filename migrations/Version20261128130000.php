<?php

/** Prices are a list that begins on a day; what is asked for on top of a visit is kept with the arrival. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128130000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Price lists';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE price_list (id BINARY(16) NOT NULL, salon_id BINARY(16) NOT NULL, begins DATE NOT NULL, '.
                'rate DOUBLE PRECISION NOT NULL, mat_rate DOUBLE PRECISION NOT NULL, least JSON NOT NULL, '.
                'extras JSON NOT NULL, terms JSON NOT NULL, tax_percent DOUBLE PRECISION NOT NULL, '.
                'tax_included TINYINT(1) NOT NULL, version INT DEFAULT 1 NOT NULL, '.
                'UNIQUE INDEX UNIQ_399A0AA24C91BDE476A9AE75 (salon_id, begins), '.
                'INDEX IDX_399A0AA24C91BDE4 (salon_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE price_list ADD CONSTRAINT FK_399A0AA24C91BDE4 FOREIGN KEY (salon_id) REFERENCES salon (id)',
        );
        $terms = '{"cancel_hours":0,"cancel_percent":0,"no_show_percent":0,"late_free":0,"late_quarter_minor":0}';
        // Salons that have their list stay as they are: the columns below may be gone already.
        $this->addSql('ALTER TABLE salon ADD rate_minor DOUBLE PRECISION DEFAULT 60 NOT NULL');
        $this->addSql('ALTER TABLE salon ADD mat_rate_minor DOUBLE PRECISION DEFAULT 80 NOT NULL');
        $this->addSql(
            'INSERT IGNORE INTO price_list (id, salon_id, begins, rate, mat_rate, least, extras, terms, tax_percent, '.
                "tax_included, version) SELECT UNHEX(REPLACE(UUID(), '-', '')), id, '2000-01-01', rate_minor, ".
                "mat_rate_minor, '[]', '[]', '$terms', 0, 1, 1 FROM salon",
        );
        $this->addSql('ALTER TABLE salon DROP COLUMN rate_minor, DROP COLUMN mat_rate_minor');
        $this->addSql("ALTER TABLE arrival ADD extras JSON DEFAULT '[]' NOT NULL");
    }
}
