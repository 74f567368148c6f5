<?php

/** The diary: a day that can be done, in real people's hours and at real stations; what has no place is named. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;

final class AgendaTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('maren');
    }

    private static function tomorrow(): string
    {
        return date('Y-m-d', (int) strtotime('+1 day'));
    }

    /** @return array<string, mixed> */
    private function mill(string $on): array
    {
        $agenda = $this->ask('GET', "/api/agenda?on=$on", expect: 200);

        return self::find(self::rows($agenda['places']), 'name', 'Mill room');
    }

    public function testADayIsLaidOutByPeopleAndStations(): void
    {
        $mill = $this->mill(self::tomorrow());
        self::assertSame(
            ['Maren Oakhollow', 'Tove Lindgarth'],
            array_column(self::rows($mill['people']), 'name'),
            'neither the desk nor an apprentice is given a dog',
        );
        $dogs = array_column(self::rows($mill['dogs']), null, 'name');
        self::assertSame('Tove Lindgarth', $dogs['Wick']['with']);
        self::assertNull($dogs['Marl']['with']);
        $tove = self::text(self::find(self::rows($mill['people']), 'name', 'Tove Lindgarth')['id']);
        $table = array_filter(
            self::rows($mill['items']),
            static fn (array $i): bool => 'Wick' === $i['name'] && 'table' === $i['station'],
        );
        $who = array_unique(array_map(self::text(...), array_column($table, 'person')));
        self::assertSame([$tove], array_values($who), 'as it was booked');
        foreach (self::rows($mill['items']) as $item) {
            $dog = $dogs[self::text($item['name'])];
            self::assertGreaterThanOrEqual(self::number($dog['arrives']), self::number($item['from']));
            self::assertLessThanOrEqual(self::number($dog['ends']), self::number($item['to']));
        }
        self::assertGreaterThanOrEqual(self::number($mill['bound']), self::number($mill['cost']));
    }

    public function testNobodyWorksInTheirBreak(): void
    {
        $people = $this->ask('GET', '/api/people', expect: 200)['people'];
        $tove = self::find(self::rows($people), 'name', 'Tove Lindgarth');
        $change = array_intersect_key($tove, array_flip(['name', 'role', 'confidence', 'active', 'place', 'email']));
        $path = '/api/people/'.self::text($tove['id']);
        $match = ['If-Match' => '"'.self::number($tove['version']).'"'];
        foreach ([['12:30', ''], ['13:00', '12:30'], ['noon', '13:00']] as [$from, $to]) {
            $bad = ['break_from' => $from, 'break_to' => $to] + $change;
            $errors = self::errors($this->ask('PUT', $path, $bad, 422, $match));
            self::assertNotSame([], array_intersect(['break_from', 'break_to'], array_keys($errors)));
        }
        $this->ask('PUT', $path, ['break_from' => '10:30', 'break_to' => '11:00'] + $change, 200, $match);
        $this->fresh();
        $mill = $this->mill(self::tomorrow());
        $hers = array_filter(
            self::rows($mill['items']),
            static fn (array $i): bool => $i['person'] === $tove['id'],
        );
        self::assertNotSame([], $hers);
        foreach ($hers as $item) {
            self::assertFalse($item['from'] < 660 && $item['to'] > 630, 'at work in the break');
        }
    }

    public function testAColleagueWhoIsAwayMovesTheDay(): void
    {
        $day = self::tomorrow();
        $tove = $this->personId('Tove Lindgarth');
        $this->db()->executeStatement('UPDATE staff SET away = ? WHERE login = ?', [
            json_encode([['from' => $day, 'to' => $day, 'why' => 'ill']]),
            'tove',
        ]);
        $this->fresh();
        $mill = $this->mill($day);
        self::assertNotContains($tove, array_column(self::rows($mill['people']), 'id'));
        $unfit = self::rows($mill['unfit']);
        self::assertContains(['Wick'], array_column($unfit, 'names'));
        self::assertStringContainsString('for Wick', self::text(self::find($unfit, 'names', ['Wick'])['why']));
    }

    public function testTheFirstDayWithRoomIsOneThatIsNotFullItself(): void
    {
        // Four full grooms with one person end long after closing; the day after is closed, the next one as full.
        $monday = new \DateTimeImmutable('monday +8 weeks');
        $dogs = ['Tansy', 'Osric', 'Gantry', 'Isolde', 'Cobnut'];
        foreach ([0, 2] as $n) {
            foreach ($dogs as $i => $dog) {
                $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/bookings', [
                    'day' => $monday->modify("+$n days")->format('Y-m-d'),
                    'time' => \sprintf('1%d:00', 1 + $i),
                    'staff' => $this->personId('Tove Lindgarth'),
                ], 201);
            }
        }
        $shut = $monday->modify('+1 day')->format('Y-m-d');
        $this->db()->executeStatement('UPDATE place SET closed_days = ? WHERE name = ?', [
            json_encode([['from' => $shut, 'to' => $shut, 'why' => 'holiday']]),
            'Mill room',
        ]);
        $this->fresh();
        $unfit = self::rows($this->mill($monday->format('Y-m-d'))['unfit']);
        self::assertNotSame([], $unfit);
        foreach ($unfit as $u) {
            self::assertSame($monday->modify('+3 days')->format('Y-m-d'), $u['on']);
        }
    }

    private function personId(string $name): string
    {
        $people = self::rows($this->ask('GET', '/api/people', expect: 200)['people']);

        return self::text(self::find($people, 'name', $name)['id']);
    }

    public function testAClosedPlaceHasNobody(): void
    {
        $day = self::tomorrow();
        $this->db()->executeStatement('UPDATE place SET closed_days = ? WHERE name = ?', [
            json_encode([['from' => $day, 'to' => $day, 'why' => 'stocktaking']]),
            'Mill room',
        ]);
        $this->fresh();
        $mill = $this->mill($day);
        self::assertSame([[], []], [$mill['people'], $mill['items']]);
        self::assertNotSame([], $mill['unfit'], 'what is booked is named, not lost');
    }

    public function testAWeekSaysHowFullItsDaysAre(): void
    {
        $from = date('Y-m-d');
        $days = self::rows($this->ask('GET', "/api/agenda/week?from=$from", expect: 200)['days']);
        self::assertCount(7, $days);
        self::assertSame([$from, self::tomorrow()], [$days[0]['day'], $days[1]['day']]);
        self::assertGreaterThanOrEqual(7, $days[1]['dogs']);
        self::assertGreaterThan(200, $days[1]['minutes']);
        self::assertGreaterThan($days[1]['minutes'], $days[1]['hands']);
    }

    public function testMoreDogsTakeNoMoreQueries(): void
    {
        $day = date('Y-m-d', (int) strtotime('monday +5 weeks'));
        $ask = fn (): mixed => $this->ask('GET', "/api/agenda?on=$day", expect: 200);
        $book = fn (string $dog, string $time): mixed => $this->ask(
            'POST',
            '/api/dogs/'.$this->dogId($dog).'/bookings',
            ['day' => $day, 'time' => $time],
            201,
        );
        $book('Tansy', '09:00');
        $one = QueryCounter::during($ask);
        $book('Marl', '10:00');
        $book('Dimity', '12:00');
        self::assertSame($one, QueryCounter::during($ask));
        $week = fn (): mixed => $this->ask('GET', "/api/agenda/week?from=$day", expect: 200);
        self::assertLessThanOrEqual(QueryCounter::during($ask), QueryCounter::during($week));
    }

    public function testADogNobodyWeighedIsNamedAndTheRestStands(): void
    {
        $this->db()->executeStatement('UPDATE dog SET kg = NULL WHERE name = ?', ['Wick']);
        $this->fresh();
        $agenda = $this->ask('GET', '/api/agenda?on='.self::tomorrow(), expect: 200);
        self::assertSame(['Wick'], array_column(self::rows($agenda['unweighed']), 'name'));
        self::assertNotSame([], self::rows($agenda['places'])[0]['items']);
        self::assertArrayHasKey('on', self::errors($this->ask('GET', '/api/agenda?on=tomorrow', expect: 422)));
    }

    public function testDatesAreOfferedThatKeepTheClockAndCanBeBooked(): void
    {
        $dog = $this->dogId('Tansy');
        $due = date('Y-m-d', (int) strtotime('+40 days'));
        $answer = $this->ask('GET', "/api/dogs/$dog/proposals?kind=full&due=$due", expect: 200);
        $offers = self::rows($answer['proposals']);
        self::assertCount(5, $offers);
        self::assertSame($due, $offers[0]['day']);
        self::assertSame(0, $offers[0]['late_days']);
        $book = ['kind' => 'full'] + array_intersect_key($offers[0], ['day' => 1, 'time' => 1, 'staff' => 1]);
        $this->ask('POST', "/api/dogs/$dog/bookings", $book, 201);
        // Two desks want the same hour: the other is offered the next.
        $other = $this->ask('GET', '/api/dogs/'.$this->dogId('Osric')."/proposals?kind=full&due=$due", expect: 200);
        foreach (self::rows($other['proposals']) as $o) {
            self::assertNotSame([$book['day'], $book['time'], $book['staff']], [$o['day'], $o['time'], $o['staff']]);
        }
        $this->ask('GET', "/api/dogs/$dog/proposals?kind=spa", expect: 422);
        $late = $this->ask('GET', "/api/dogs/$dog/proposals?kind=nails&due=2020-01-01", expect: 200);
        self::assertSame(self::tomorrow(), self::rows($late['proposals'])[0]['day'], 'overdue: as soon as can be');
        $this->db()->executeStatement('UPDATE dog SET kg = NULL WHERE name = ?', ['Tansy']);
        $this->fresh();
        self::assertNull($this->ask('GET', "/api/dogs/$dog/proposals?due=$due", expect: 200)['minutes']);
    }
}
