<?php

/** Two records of one dog are found, made one without losing a visit, and parted again. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

final class MergeTest extends AccessCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('junia');
    }

    public function testAnotherRecordOfTheSameDogIsFoundAndOneOfTheSameNameIsNot(): void
    {
        $tansy = $this->dogId('Tansy');
        $twin = $this->newRecord();
        $likely = self::rows($this->ask('GET', "/api/dogs/$tansy/same", expect: 200)['likely']);
        self::assertSame([$twin], array_column($likely, 'id'));
        self::assertIsArray($likely[0]['why']);
        self::assertContains('the same phone', $likely[0]['why']);
        // The same name, of another home, breed and build, is another dog.
        $this->db()->executeStatement(
            "UPDATE dog SET name = 'Tansy', breed = 'x', build = 'low', household_id = (SELECT household_id FROM dog
                WHERE name = 'Osric') WHERE id = ?",
            [Uuid::fromString($twin)->toBinary()],
        );
        self::assertSame([], $this->ask('GET', "/api/dogs/$tansy/same", expect: 200)['likely']);
    }

    public function testNoVisitIsLostAndEachGetsItsOwnBack(): void
    {
        $osric = $this->dogId('Osric');
        $twin = $this->newRecord('Osric');
        $booking = ['day' => date('Y-m-d', (int) strtotime('+43 days')), 'time' => '10:00'];
        $this->ask('POST', "/api/dogs/$twin/bookings", $booking, 201);
        $before = $this->visits($osric);
        self::assertGreaterThan(0, $before);
        $this->db()->executeStatement('UPDATE groom SET open_for = NULL WHERE dog_id = ?', [
            Uuid::fromString($osric)->toBinary(),
        ]);
        // The other way round: the one with a history comes to the one without.
        $now = $this->ask('POST', "/api/dogs/$twin/merge", ['other' => $osric], 200);
        $merged = self::rows($now['merged']);
        self::assertSame(['Osric'], array_column($merged, 'name'));
        self::assertSame([$before, 0], [$this->visits($twin), $this->visits($osric)]);
        self::assertNotContains($osric, $this->found('osric'));
        self::assertContains($twin, $this->found('osric'));
        $this->ask('POST', "/api/dogs/$twin/merge", ['other' => $osric], 409);
        // A tab that was left open on the other record: said, and nothing is done with it.
        $gone = $this->ask('GET', "/api/dogs/$osric/card", expect: 200);
        self::assertContains('gone', array_column(self::rows($gone['cautions']), 'code'));
        $this->ask('POST', "/api/dogs/$osric/bookings", ['time' => '11:00'] + $booking, 409);
        $this->signIn('tove');
        $this->ask('POST', "/api/dogs/$osric/arrivals", [], 409);
        $this->signIn('junia');
        $card = $this->ask('GET', "/api/dogs/$twin/card", expect: 200);
        self::assertCount(min($before, 20), \array_slice(self::rows($card['visits']), 0, 20));
        // Two dogs after all.
        $merge = self::text($merged[0]['id']);
        $this->ask('DELETE', "/api/merges/$merge", [], 200);
        self::assertSame([0, $before], [$this->visits($twin), $this->visits($osric)]);
        self::assertSame(1, $this->bookings($twin), 'its own booking stayed its own');
        self::assertContains($osric, $this->found('osric'));
        $this->ask('DELETE', "/api/merges/$merge", [], 409);
    }

    public function testADogAtTheTableAnotherSalonsAndItselfAreRefused(): void
    {
        $tansy = $this->dogId('Tansy');
        $twin = $this->newRecord();
        $this->ask('POST', "/api/dogs/$tansy/merge", ['other' => $tansy], 422);
        $this->ask('POST', "/api/dogs/$tansy/merge", ['other' => $this->dogId('Quillon')], 404);
        $this->db()->executeStatement(
            'UPDATE groom SET open_for = ? WHERE id = (SELECT id FROM (SELECT id FROM groom LIMIT 1) g)',
            [Uuid::fromString($twin)->toBinary()],
        );
        $said = $this->ask('POST', "/api/dogs/$tansy/merge", ['other' => $twin], 409);
        self::assertStringContainsString('at the table', self::text($said['title']));
        $merge = $this->aMerge();
        $this->signIn('sunniva');
        $this->ask('DELETE', "/api/merges/$merge", [], 404);
    }

    public function testWhatWouldBeLeftBehindIsToBeSettledFirst(): void
    {
        $tansy = $this->dogId('Tansy');
        $twin = $this->newRecord();
        $day = date('Y-m-d', (int) strtotime('+57 days'));
        foreach ([$tansy, $twin] as $dog) {
            $this->db()->executeStatement(
                "INSERT INTO booking (id, salon_id, dog_id, day, time, kind, note, state, slot)
                SELECT ?, salon_id, id, ?, '10:00', 'full', '', 'booked', ? FROM dog WHERE id = ?",
                [Uuid::v7()->toBinary(), $day, "$day 10:00", Uuid::fromString($dog)->toBinary()],
            );
        }
        $said = $this->ask('POST', "/api/dogs/$tansy/merge", ['other' => $twin], 409);
        self::assertStringContainsString('Both are booked on', self::text($said['title']));
        self::assertSame(1, $this->bookings($twin));
        $this->db()->executeStatement('DELETE FROM booking WHERE dog_id = ?', [Uuid::fromString($twin)->toBinary()]);
        $this->signIn('tove');
        foreach ([$tansy, $twin] as $dog) {
            $this->ask('POST', "/api/dogs/$dog/arrivals", []);
        }
        $this->signIn('junia');
        $said = $this->ask('POST', "/api/dogs/$tansy/merge", ['other' => $twin], 409);
        self::assertStringContainsString('taken in today', self::text($said['title']));
    }

    private function visits(string $dog): int
    {
        return $this->hang('visit', $dog);
    }

    private function bookings(string $dog): int
    {
        return $this->hang('booking', $dog);
    }

    private function hang(string $table, string $dog): int
    {
        $raw = Uuid::fromString($dog)->toBinary();

        return (int) self::number($this->db()->fetchOne("SELECT COUNT(*) FROM $table WHERE dog_id = ?", [$raw]));
    }

    /** @return list<mixed> */
    private function found(string $name): array
    {
        return array_column(self::rows($this->ask('GET', "/api/dogs?q=$name", expect: 200)['dogs']), 'id');
    }
}
