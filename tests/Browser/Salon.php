<?php

/** The demo salon as it is when new, before every test, whichever process runs it: none leans on another. */

declare(strict_types=1);

namespace KeenThistle\Tests\Browser;

final class Salon
{
    private const SEED = 'thistle_seed';

    /** @var list<string> tables */
    private static array $tables = [];

    private function __construct()
    {
    }

    /** The first time it is kept, later it is put back: rows only, in one transaction. */
    public static function asNew(): void
    {
        $db = self::db();
        $db->exec('SET foreign_key_checks = 0');
        if ([] === self::$tables) {
            // Another class's run may have kept it already, and left the salon otherwise.
            $kept = $db->query("SHOW DATABASES LIKE '".self::SEED."'");
            \assert(false !== $kept);
            if (false === $kept->fetchColumn()) {
                self::keep($db);

                return;
            }
            self::$tables = self::tables($db, self::SEED);
        }
        // A version that a browser, or the service, has kept from before never comes again: it may stand for something
        // else now. Whichever process put the salon back last, what it left counts.
        $cards = self::most($db, 'SELECT MAX(card_version) FROM dog');
        $kits = self::most($db, 'SELECT MAX(kit_version) FROM salon');
        // The worker may just be doing what a test has left: then one of the two gives way.
        for ($try = 1; !self::putBack($db) && $try < 20; ++$try) {
            usleep(200_000);
        }
        $db->exec("UPDATE dog SET card_version = card_version + $cards");
        $db->exec("UPDATE salon SET kit_version = kit_version + $kits");
        $db->commit();
    }

    private static function most(\PDO $db, string $sql): int
    {
        $row = $db->query($sql);
        \assert(false !== $row);
        $most = $row->fetchColumn();

        return 1 + (is_numeric($most) ? (int) $most : 0);
    }

    private static function putBack(\PDO $db): bool
    {
        $db->beginTransaction();
        try {
            foreach (self::$tables as $table) {
                $db->exec("DELETE FROM $table");
                $db->exec("INSERT INTO $table SELECT * FROM ".self::SEED.".$table");
            }
        } catch (\PDOException $e) {
            $db->rollBack();

            return '40001' === $e->getCode() ? false : throw $e;
        }

        return true;
    }

    /** The id of a dog, for views that are opened by their address. */
    public static function dog(string $name): string
    {
        $found = self::db()->prepare('SELECT LOWER(HEX(id)) FROM dog WHERE name = ?');
        $found->execute([$name]);
        $hex = $found->fetchColumn();
        \assert(\is_string($hex));

        return implode('-', [
            substr($hex, 0, 8),
            substr($hex, 8, 4),
            substr($hex, 12, 4),
            substr($hex, 16, 4),
            substr($hex, 20),
        ]);
    }

    private static function db(): \PDO
    {
        $socket = getenv('KT_RUN').'/db/mariadb.sock';

        return new \PDO("mysql:unix_socket=$socket;dbname=thistle", get_current_user(), '', [
            \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION,
        ]);
    }

    private static function keep(\PDO $db): void
    {
        $db->exec('DROP DATABASE IF EXISTS '.self::SEED.'; CREATE DATABASE '.self::SEED);
        $tables = self::tables($db, 'thistle');
        foreach ($tables as $table) {
            $db->exec(
                'CREATE TABLE '.
                    self::SEED.
                    ".$table LIKE $table; INSERT INTO ".
                    self::SEED.
                    ".$table SELECT * FROM $table",
            );
        }
        self::$tables = $tables;
    }

    /** @return list<string> */
    private static function tables(\PDO $db, string $database): array
    {
        $found = $db->query("SHOW TABLES FROM $database");
        \assert(false !== $found);

        return array_values(
            array_filter(
                $found->fetchAll(\PDO::FETCH_COLUMN),
                static fn (mixed $t): bool => \is_string($t) && 'doctrine_migration_versions' !== $t,
            ),
        );
    }
}
