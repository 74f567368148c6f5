<?php

/** The demo salon as it is when new, before every test: none leans on another, in whatever order they come. */

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
        $db = new \PDO('mysql:unix_socket='.getenv('KT_RUN').'/db/mariadb.sock;dbname=thistle', get_current_user(), '', [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $db->exec('SET foreign_key_checks = 0');
        if ([] === self::$tables) {
            self::keep($db);

            return;
        }
        $db->beginTransaction();
        foreach (self::$tables as $table) {
            $db->exec("DELETE FROM $table");
            $db->exec("INSERT INTO $table SELECT * FROM ".self::SEED.".$table");
        }
        $db->commit();
    }

    private static function keep(\PDO $db): void
    {
        $db->exec('DROP DATABASE IF EXISTS '.self::SEED.'; CREATE DATABASE '.self::SEED);
        $found = $db->query('SHOW TABLES');
        \assert(false !== $found);
        foreach ($found->fetchAll(\PDO::FETCH_COLUMN) as $table) {
            if (\is_string($table) && 'doctrine_migration_versions' !== $table) {
                $db->exec('CREATE TABLE '.self::SEED.".$table LIKE $table; INSERT INTO ".self::SEED.".$table SELECT * FROM $table");
                self::$tables[] = $table;
            }
        }
    }
}
