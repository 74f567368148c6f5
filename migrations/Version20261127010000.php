<?php

/** Versions in every changeable row, what must be one is one, messages that leave after commit, tries at signing in, owners' links. */

declare(strict_types=1);

namespace KeenThistle\Migrations;

use Doctrine\DBAL\Schema\Schema;

final class Version20261127010000 extends Resumable
{
    public function getDescription(): string
    {
        return 'Row versions, unique slots and grooms, outbox, sign-in tries, owner links';
    }

    public function up(Schema $schema): void
    {
        foreach (['dog', 'arrival'] as $table) {
            $this->addSql("ALTER TABLE $table ADD row_version INT DEFAULT 1 NOT NULL");
        }
        foreach (['client', 'incident', 'derivation', 'house_pattern_follow', 'groom'] as $table) {
            $this->addSql("ALTER TABLE $table ADD version INT DEFAULT 1 NOT NULL");
        }
        foreach (['dog', 'booking', 'handling_record', 'kit_item', 'plan_zone', 'house_pattern', 'wash_bottle', 'wash_product', 'visit'] as $table) {
            $this->addSql("ALTER TABLE $table ALTER COLUMN version SET DEFAULT 1");
        }
        $this->addSql('ALTER TABLE house_pattern ADD line_version INT DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE house_pattern SET line_version = version WHERE line_version = 0');
        $this->addSql('ALTER TABLE house_pattern ALTER COLUMN line_version SET DEFAULT 1');

        // One open groom a dog: the newest; what was opened beside it is closed as it stands.
        $this->addSql('ALTER TABLE groom ADD open_for BINARY(16) DEFAULT NULL');
        $this->addSql('UPDATE groom g LEFT JOIN groom newer ON newer.dog_id = g.dog_id AND newer.closed_at IS NULL AND newer.id > g.id SET g.closed_at = UTC_TIMESTAMP(), g.open_for = NULL WHERE g.closed_at IS NULL AND newer.id IS NOT NULL');
        $this->addSql('UPDATE groom SET open_for = dog_id WHERE closed_at IS NULL');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_BEEBD2C77DE0258E ON groom (open_for)');

        // One booking a dog and moment: the first; others are cancelled.
        $this->addSql('ALTER TABLE booking ADD slot VARCHAR(16) DEFAULT NULL');
        $this->addSql("UPDATE booking b JOIN booking first ON first.dog_id = b.dog_id AND first.day = b.day AND first.time = b.time AND first.state = 'booked' AND first.id < b.id SET b.state = 'cancelled' WHERE b.state = 'booked'");
        $this->addSql("UPDATE booking SET slot = CONCAT(day, ' ', time) WHERE state = 'booked'");
        $this->addSql('CREATE UNIQUE INDEX UNIQ_E00CEDDE634DFEBAC0E2067 ON booking (dog_id, slot)');

        foreach (['groom_tap', 'incident'] as $table) {
            $this->addSql("ALTER TABLE $table MODIFY tap VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL");
        }
        $this->addSql('ALTER TABLE change_log MODIFY subject VARCHAR(64) NOT NULL');

        // Of a write, its status and the ids it made are kept for two days.
        $this->addSql('ALTER TABLE request_key ADD result TEXT DEFAULT NULL');
        $this->addSql('ALTER TABLE request_key DROP COLUMN response');
        $this->addSql('CREATE INDEX IDX_REQUEST_KEY_CREATED ON request_key (created_at)');

        $this->addSql('ALTER TABLE message ADD claimed_at DATETIME DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_B6BD307FA393D2FBBF396750 ON message (state, id)');

        $this->addSql('CREATE TABLE sign_in_try (id CHAR(32) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY, failures INT NOT NULL, last_at DATETIME NOT NULL, blocked_until DATETIME DEFAULT NULL, INDEX IDX_TRY_LAST (last_at)) ENGINE = InnoDB');
        $this->addSql('ALTER TABLE staff ADD pin_refused_at DATETIME DEFAULT NULL, ADD pin_failures INT DEFAULT 0 NOT NULL');
        $this->addSql('DROP TABLE cache_items');
        $this->addSql('DROP TABLE lock_keys');

        foreach (['agreement' => 'at', 'groom' => 'closed_at'] as $table => $from) {
            $this->addSql("ALTER TABLE $table ADD link_until DATETIME DEFAULT NULL");
            $this->addSql("UPDATE $table SET link_until = DATE_ADD(COALESCE($from, UTC_TIMESTAMP()), INTERVAL 180 DAY) WHERE link_until IS NULL");
        }
        $this->addSql('ALTER TABLE groom DROP COLUMN running');
        $this->addSql('CREATE TABLE owner_pdf (id BINARY(16) NOT NULL PRIMARY KEY, pdf MEDIUMBLOB NOT NULL, made_at DATETIME NOT NULL) ENGINE = InnoDB');
    }
}
