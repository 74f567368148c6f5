<?php

/** What every connection to the database is set to, or races, hours and large salons would say otherwise. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\DBAL\Connection;

final class ConnectionTest extends ApiTestCase
{
    public function testOneWriterWaitsShortlyTimesAreUtcAndADogsRowsAreFoundByTheirOwnIndex(): void
    {
        $db = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $db);
        $set = $db->fetchAssociative(
            'SELECT @@tx_isolation i, @@innodb_lock_wait_timeout w, @@time_zone z, @@optimizer_switch o',
        );
        self::assertIsArray($set);
        self::assertSame(['READ-COMMITTED', '+00:00'], [$set['i'], $set['z']]);
        self::assertSame(3, (int) self::number($set['w']));
        // Rows of a dog crossed with all rows of its salon: five times slower in a large salon than in a small one.
        self::assertStringContainsString('index_merge_intersection=off', self::text($set['o']));
    }
}
