<?php

/**
 * The filled database of the release before, brought up to date: nothing of it is lost, and it works on. Made by
 * mariadb-dump of a demo salon of that release; made anew when another is the release before.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

final class ReleaseTest extends FaultCase
{
    private const BEFORE = 'thistle_before';

    protected function setUp(): void
    {
        self::house(
            'new_database '.
                self::BEFORE.
                '; gzip -dc tests/Faults/release/*.sql.gz | db_root '.
                self::BEFORE.
                '; rm -rf "$HOME_DIR/sent-before"',
        );
    }

    protected function tearDown(): void
    {
        self::house('db_root -e "DROP DATABASE '.self::BEFORE.'"; rm -rf "$HOME_DIR/sent-before"');
    }

    /** @return array<string, int> rows by table */
    private static function rows(): array
    {
        $rows = [];
        $tables = self::db()->query('SHOW TABLES FROM '.self::BEFORE);
        self::assertNotFalse($tables);
        foreach ($tables->fetchAll(\PDO::FETCH_COLUMN) as $table) {
            self::assertIsString($table);
            $rows[$table] = (int) self::number(self::value('SELECT COUNT(*) FROM '.self::BEFORE.".$table"));
        }

        return $rows;
    }

    private static function schema(string $db): string
    {
        return self::house(
            "for t in \$(db_root -N $db -e 'SHOW TABLES'); do db_root -N $db -e \"SHOW CREATE TABLE \$t\" | sed ".
                "'s/AUTO_INCREMENT=[0-9]* //'; done",
        );
    }

    public function testItIsBroughtUpToDateWithEverythingInItAndWorksOn(): void
    {
        $before = self::rows();
        self::assertGreaterThan(500, $before['visit_zone']);
        $as = 'DATABASE_URL=$(database_url '.self::BEFORE.') SENDER_DIR=$HOME_DIR/sent-before';
        self::house("$as console doctrine:migrations:migrate --no-interaction -q");
        self::house("$as console doctrine:migrations:up-to-date -q");
        self::house('new_database thistle_new; DATABASE_URL=$(database_url thistle_new) migrate');
        self::assertSame(self::schema('thistle_new'), self::schema(self::BEFORE), 'as a new salon has it');
        self::house('db_root -e "DROP DATABASE thistle_new"');
        $after = self::rows();
        unset($before['doctrine_migration_versions']);
        self::assertSame($before, array_intersect_key($after, $before), 'no row is lost or doubled');
        // Two messages were on their way: one waited, the sender of the other had died.
        $states = static fn (): string => self::house(
            'db_root -N '.self::BEFORE.' -e "SELECT state, COUNT(*) FROM message GROUP BY state ORDER BY state"',
        );
        self::assertSame("sending\t1\nsent\t6\nwaiting\t1", $states());
        self::house('db_root '.self::BEFORE.' -e "UPDATE message SET claimed_at = NULL, at = \'2026-01-02\'"');
        self::house("$as APP_ENV=test php tests/Faults/work.php work");
        self::assertSame("sent\t8", $states());
        self::assertSame('2', self::house('ls "$HOME_DIR/sent-before" | wc -l'));
    }
}
