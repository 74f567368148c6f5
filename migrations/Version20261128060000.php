<?php

/** People are invited, change and leave; a salon says whether it is made up. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261128060000 extends Resumable
{
    public function getDescription(): string
    {
        return 'One-time links, versions of people, messages to people, language, demo';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE salon ADD language VARCHAR(5) DEFAULT 'en' NOT NULL");
        $this->addSql('ALTER TABLE salon ADD demo TINYINT(1) DEFAULT 0 NOT NULL');
        // Until today a salon could be made up only.
        $this->addSql('UPDATE salon SET demo = 1');
        $this->addSql('ALTER TABLE staff ADD version INT DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE place ADD version INT DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE place ADD open TINYINT(1) DEFAULT 1 NOT NULL');
        $this->addSql("ALTER TABLE staff ADD email VARCHAR(120) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE message CHANGE dog_id dog_id BINARY(16) DEFAULT NULL');
        $this->addSql(<<<'SQL'
            CREATE TABLE one_time_link (
                id BINARY(16) NOT NULL, kind VARCHAR(8) NOT NULL, name VARCHAR(80) NOT NULL, sent_to VARCHAR(120) NOT NULL,
                role VARCHAR(20) DEFAULT NULL, made_at DATETIME NOT NULL, until_at DATETIME NOT NULL,
                used_at DATETIME DEFAULT NULL, salon_id BINARY(16) DEFAULT NULL, place_id BINARY(16) DEFAULT NULL,
                staff_id BINARY(16) DEFAULT NULL, PRIMARY KEY (id)
            ) DEFAULT CHARACTER SET utf8mb4
            SQL);
        foreach (['salon' => '4C91BDE4', 'place' => 'DA6A219', 'staff' => 'D4D57CD'] as $of => $hash) {
            $this->addSql("CREATE INDEX IDX_F3109532$hash ON one_time_link ({$of}_id)");
            $key = "FOREIGN KEY ({$of}_id) REFERENCES $of (id)";
            $this->addSql("ALTER TABLE one_time_link ADD CONSTRAINT FK_F3109532$hash $key");
        }
        $this->addSql('CREATE INDEX IDX_F31095324C91BDE46314E33B ON one_time_link (salon_id, until_at)');
    }
}
