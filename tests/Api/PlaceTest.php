<?php

/** Places come, are renamed and close: with tools and people moved, never with a dog at work there. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class PlaceTest extends ApiTestCase
{
    public function testAPlaceIsAddedRenamedAndClosedWithWhatLivesThereMoved(): void
    {
        $this->signIn('maren');
        $boat = $this->ask('POST', '/api/places', ['name' => 'Boat', 'kind' => 'van'], 201);
        self::assertSame([true, 0, 0], [$boat['open'], $boat['tools'], $boat['people']]);
        $this->ask('POST', '/api/places', ['name' => 'boat'], 422);
        $this->ask('POST', '/api/places', ['name' => 'B'], 422);
        $boat = $this->change($boat, ['name' => 'Barge'], 200);
        $ferry = $this->place('Ferry room');
        self::assertGreaterThan(0, $ferry['tools']);
        $fault = $this->change($ferry, ['open' => false], 422);
        self::assertSame('move_to', self::rows($fault['errors'])[0]['field'] ?? '');
        $this->change($ferry, ['open' => false, 'move_to' => $ferry['id']], 422);
        $this->change($ferry, ['open' => false, 'move_to' => $boat['id']], 200);
        $now = $this->place('Barge');
        self::assertSame([$ferry['tools'], $ferry['people']], [$now['tools'], $now['people']]);
        $names = array_column(self::rows($this->ask('GET', '/api/session', expect: 200)['places']), 'name');
        self::assertSame(['Mill room', 'Van', 'Barge'], $names);
        $kit = array_column(self::rows($this->ask('GET', '/api/kit', expect: 200)['items']), 'place_name');
        self::assertNotContains('Ferry room', $kit);
        $log = json_encode($this->ask('GET', '/api/log', expect: 200), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('Ferry room: closed; ', $log);
        $this->change($this->place('Ferry room'), ['open' => true], 200);
    }

    public function testADogAtWorkKeepsItsPlaceOpenAndOnePlaceStays(): void
    {
        $this->signIn('maren');
        $mill = $this->place('Mill room');
        $ferry = $this->place('Ferry room');
        $this->db()->executeStatement('UPDATE groom SET closed_at = NULL, place_id = UNHEX(?)', [
            str_replace('-', '', self::text($mill['id'])),
        ]);
        $busy = $this->change($mill, ['open' => false, 'move_to' => $ferry['id']], 409);
        self::assertStringContainsString('still at work in Mill room', self::text($busy['title']));
        $this->signIn('sunniva');
        $loft = $this->place('Loft');
        $this->change($loft, ['open' => false], 422);
        $this->change(['id' => $mill['id']] + $loft, ['name' => 'Ours'], 404);
        $moved = $this->change($loft, ['name' => 'Attic'], 200);
        $this->change($loft, ['name' => 'Garret'], 412);
        self::assertSame('Attic', $moved['name']);
    }

    public function testHoursClosedDaysAndWhatThereIsToWorkAtAreKeptAndHoldForBookings(): void
    {
        $this->signIn('maren');
        $monday = (new \DateTimeImmutable(self::text($this->card('Tansy')['today'])))->modify('next monday');
        $date = $monday->format('Y-m-d');
        $hours = [['day' => 'mon', 'from' => '09:00', 'to' => '17:30']];
        $break = ['from' => $date, 'to' => $date, 'why' => 'a fair', 'yearly' => false];
        foreach (['Mill room', 'Ferry room', 'Van'] as $name) {
            $now = $this->change($this->place($name), [
                'hours' => $hours,
                'closed' => [$break],
                'stations' => ['tubs' => 2, 'lift' => true],
            ], 200);
            self::assertSame([$hours, [$break]], [$now['hours'], $now['closed']]);
            self::assertSame([2, 1, true], [
                self::map($now['stations'])['tubs'],
                self::map($now['stations'])['tables'],
                self::map($now['stations'])['lift'],
            ]);
        }
        $path = '/api/dogs/'.$this->dogId('Tansy').'/bookings';
        $book = fn (string $day, string $time, int $expect, ?string $staff = null): array => $this->ask(
            'POST',
            $path,
            ['day' => $day, 'time' => $time, 'kind' => 'tidy', 'staff' => $staff],
            $expect,
        );
        $fair = $book($date, '10:00', 422);
        self::assertSame('cannot be, closed: a fair', self::rows($fair['errors'])[0]['message'] ?? '');
        $book($monday->modify('+1 day')->format('Y-m-d'), '10:00', 422);
        $book($monday->modify('+7 days')->format('Y-m-d'), '18:00', 422);
        $wim = self::find(self::rows($this->ask('GET', '/api/people', expect: 200)['people']), 'login', 'wim');
        $work = [
            'name' => 'Wim Tarrow',
            'role' => 'apprentice',
            'confidence' => 2,
            'active' => true,
            'hours' => [['day' => 'tue', 'from' => '09:00', 'to' => '12:00']],
            'skills' => [['task' => 'bath', 'sure' => 4], ['task' => 'strip', 'sure' => 0]],
        ];
        $version = $wim['version'];
        self::assertIsInt($version);
        $id = self::text($wim['id']);
        $now = $this->ask('PUT', "/api/people/$id", $work, 200, ['If-Match' => "\"$version\""]);
        self::assertSame(['bath' => 4, 'strip' => 0], $now['skills']);
        $refused = $book($monday->modify('+7 days')->format('Y-m-d'), '10:00', 422, $id);
        self::assertSame('staff', self::rows($refused['errors'])[0]['field'] ?? '');
        $book($monday->modify('+7 days')->format('Y-m-d'), '10:00', 201);
        foreach (
            [
                'hours[0].to' => ['hours' => [['day' => 'mon', 'from' => '17:00', 'to' => '09:00']]],
                'hours[0].day' => ['hours' => [['day' => 'noday', 'from' => '09:00', 'to' => '10:00']]],
                'closed[0].to' => ['closed' => [['from' => '2026-12-24', 'to' => '2026-12-01']]],
                'stations.tubs' => ['stations' => ['tubs' => -1]],
            ] as $field => $change
        ) {
            $fault = $this->change($this->place('Van'), $change, 422);
            self::assertSame($field, self::rows($fault['errors'])[0]['field'] ?? '');
        }
        self::assertSame($hours, $this->place('Van')['hours'], 'what was wrong changed nothing');
    }

    /** @return array<string, mixed> */
    private function place(string $name): array
    {
        return self::find(self::rows($this->ask('GET', '/api/places', expect: 200)['places']), 'name', $name);
    }

    /**
     * @param array<string, mixed> $place
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(array $place, array $change, int $expect): array
    {
        $body = $change + array_intersect_key($place, array_flip(['name', 'kind', 'open']));
        $version = $place['version'];
        self::assertIsInt($version);

        $path = '/api/places/'.self::text($place['id']);

        return $this->ask('PUT', $path, $body, $expect, ['If-Match' => "\"$version\""]);
    }
}
