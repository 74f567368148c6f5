<?php

/** Who must not meet is not booked together; who bears noise badly comes at another hour; who strips, strips. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

final class CompanyTest extends ApiTestCase
{
    private string $day;

    protected function setUp(): void
    {
        parent::setUp();
        // A working day of its own, far from what the demo salon has booked.
        $this->day = (new \DateTimeImmutable('first wednesday of july next year'))->format('Y-m-d');
        $this->signIn('maren');
    }

    /** @return array<string, mixed> */
    private function book(string $dog, string $time, int $expect = 201, string $who = 'tove'): array
    {
        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/bookings', [
            'day' => $this->day,
            'time' => $time,
            'kind' => 'full',
            'staff' => $this->person($who),
            'note' => '',
        ], $expect);
    }

    private function person(string $login): string
    {
        return (string) \Symfony\Component\Uid\Uuid::fromBinary(
            self::text($this->db()->fetchOne('SELECT id FROM staff WHERE login = ?', [$login])),
        );
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private function change(string $dog, array $change, int $expect = 200): array
    {
        $id = $this->dogId($dog);
        $card = self::map($this->ask('GET', "/api/dogs/$id/card", expect: 200)['dog']);
        $form = array_diff_key($card, array_flip([
            'id', 'version', 'tail_rule', 'reach', 'stops', 'household', 'household_name', 'people',
        ]));
        $match = ['If-Match' => '"'.self::number($card['version']).'"'];

        return $this->ask('PUT', "/api/dogs/$id", $change + $form, $expect, $match);
    }

    /** @return list<string> times that are offered on the day */
    private function offered(string $dog): array
    {
        $path = '/api/dogs/'.$this->dogId($dog)."/proposals?kind=full&due=$this->day";
        $dates = self::rows($this->ask('GET', $path, expect: 200)['proposals']);

        return array_map(
            static fn (array $d): string => self::text($d['time']),
            array_values(array_filter(
                $dates,
                fn (array $d): bool => $this->day === $d['day'] && 'Idris Fenwater' !== $d['name'],
            )),
        );
    }

    public function testDogsThatMustNotMeetAreKeptApartWhicheverSaysSo(): void
    {
        [$tansy, $gantry] = [$this->dogId('Tansy'), $this->dogId('Gantry')];
        foreach ([$tansy, 'no id at all, but thirty-six letters..', '0190ffff-0000-7000-a000-000000000001'] as $wrong) {
            $errors = self::errors($this->change('Tansy', ['apart' => [$gantry, $wrong]], 422));
            self::assertArrayHasKey('apart[1]', $errors);
        }
        $this->change('Tansy', ['apart' => [$gantry]]);
        $known = self::rows($this->ask('GET', "/api/dogs/$gantry/apart", expect: 200)['dogs']);
        self::assertSame([['Tansy', false]], array_map(static fn (array $d): array => [$d['name'], $d['own']], $known));

        $this->book('Tansy', '10:00');
        $said = $this->book('Gantry', '10:30', 409, 'maren');
        self::assertStringContainsString('Gantry and Tansy must not meet', self::text($said['title']));
        self::assertStringContainsString('Tansy is booked at 10:00', self::text($said['title']));
        foreach ($this->offered('Gantry') as $time) {
            self::assertGreaterThan('12:00', $time, 'Tansy has gone by then');
        }
        $this->book('Gantry', '15:00', who: 'maren');
        $this->fresh();
        // What was booked before anybody knew is named.
        $this->change('Sorrel', ['apart' => [$tansy]]);
        $this->change('Sorrel', ['apart' => []]);
        $this->book('Sorrel', '10:15', who: 'maren');
        $this->change('Sorrel', ['apart' => [$tansy]]);
        $agenda = $this->ask('GET', "/api/agenda?on=$this->day", expect: 200);
        $mill = self::find(self::rows($agenda['places']), 'name', 'Mill room');
        self::assertContains(
            'Sorrel and Tansy must not meet',
            array_column(self::rows($mill['warnings']), 'message'),
        );
    }

    public function testADateFromTheTableThatWouldBringThemTogetherIsAWishForTheDesk(): void
    {
        $this->change('Tansy', ['apart' => [$this->dogId('Gantry')]]);
        $this->book('Tansy', '10:00');
        $groom = $this->groomOf('Gantry');
        $next = ['kind' => 'full', 'on' => $this->day, 'time' => '10:15', 'staff' => $this->person('maren')];
        $this->ask('POST', "/api/grooms/$groom/close", ['next' => [$next]], 200);
        $kept = $this->db()->fetchAssociative('SELECT state, note FROM booking WHERE dog_id = UNHEX(?) AND day = ?', [
            str_replace('-', '', $this->dogId('Gantry')),
            $this->day,
        ]);
        self::assertIsArray($kept);
        self::assertSame('wished', $kept['state']);
        self::assertStringContainsString('must not meet', self::text($kept['note']));
    }

    public function testADogInHeatIsNotBookedBesideAnEntireMale(): void
    {
        $this->db()->executeStatement("UPDATE dog SET sex = 'male' WHERE name = 'Gantry'");
        $this->db()->executeStatement("UPDATE dog SET sex = 'female', health = '[\"in_season\"]' WHERE name = 'Tansy'");
        $this->fresh();
        $this->book('Gantry', '10:00');
        $said = $this->book('Tansy', '10:15', 409, 'maren');
        self::assertStringContainsString('Tansy is in season and Gantry is an entire male', self::text($said['title']));
        $this->book('Tansy', '14:30', who: 'maren');
    }

    public function testWhoBearsNoiseBadlyIsOfferedAnotherHour(): void
    {
        $places = self::rows($this->ask('GET', '/api/places', expect: 200)['places']);
        $mill = self::find($places, 'name', 'Mill room');
        $form = array_intersect_key($mill, array_flip(['name', 'kind', 'open']));
        $path = '/api/places/'.self::text($mill['id']);
        $match = ['If-Match' => '"'.self::number($mill['version']).'"'];
        foreach ([['9', '11:00'], ['09:00', ''], ['11:00', '09:00']] as [$from, $to]) {
            $bad = ['stations' => ['loud_from' => $from, 'loud_to' => $to]] + $form;
            self::assertNotSame([], array_intersect(
                ['stations.loud_from', 'stations.loud_to'],
                array_keys(self::errors($this->ask('PUT', $path, $bad, 422, $match))),
            ));
        }
        $loud = ['tubs' => 2, 'tables' => 3, 'dryers' => 3, 'loud_from' => '08:00', 'loud_to' => '12:30'];
        $this->ask('PUT', $path, ['stations' => $loud] + $form, 200, $match);
        $this->change('Tansy', ['quiet' => true]);
        $this->fresh();
        $offered = $this->offered('Tansy');
        self::assertNotSame([], $offered);
        self::assertSame([], array_filter($offered, static fn (string $time): bool => $time < '12:30'));
        $this->book('Tansy', '10:00');
        $agenda = $this->ask('GET', "/api/agenda?on=$this->day", expect: 200);
        $mill = self::find(self::rows($agenda['places']), 'name', 'Mill room');
        self::assertContains(
            'Tansy bears noise badly, and that is the loud hour',
            array_column(self::rows($mill['warnings']), 'message'),
        );
    }

    public function testWhoDoesNotStripIsNotOfferedForIt(): void
    {
        $this->db()->executeStatement("UPDATE staff SET skills = '{\"strip\": 0}' WHERE login <> 'maren'");
        $this->fresh();
        $path = '/api/dogs/'.$this->dogId('Osric')."/proposals?kind=full&due=$this->day";
        $dates = self::rows($this->ask('GET', $path, expect: 200)['proposals']);
        self::assertNotSame([], $dates);
        $who = array_unique(array_map(self::text(...), array_column($dates, 'name')));
        self::assertSame(['Maren Oakhollow'], array_values($who));
    }

    public function testClosedDaysThatComeEveryYearComeEveryYear(): void
    {
        $places = self::rows($this->ask('GET', '/api/places', expect: 200)['places']);
        foreach ($places as $place) {
            $form = array_intersect_key($place, array_flip(['name', 'kind', 'open']));
            $last = (new \DateTimeImmutable($this->day))->modify('-2 years');
            $closed = ['from' => $last->modify('-3 days')->format('Y-m-d'), 'why' => 'village fair', 'yearly' => true];
            $path = '/api/places/'.self::text($place['id']);
            $match = ['If-Match' => '"'.self::number($place['version']).'"'];
            $long = ['closed' => [['to' => $last->modify('+400 days')->format('Y-m-d')] + $closed]] + $form;
            self::assertArrayHasKey('closed[0].to', self::errors($this->ask('PUT', $path, $long, 422, $match)));
            $fair = ['closed' => [['to' => $last->modify('+3 days')->format('Y-m-d')] + $closed]] + $form;
            $this->ask('PUT', $path, $fair, 200, $match);
        }
        $this->fresh();
        self::assertStringContainsString('village fair', self::errors($this->book('Tansy', '10:00', 422))['day']);
    }
}
