<?php

/** Bookings that move: dog and person are free, why it slipped is kept, two desks never hold one hour of a person. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class BookingTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('junia');
    }

    private static function on(int $days): string
    {
        return date('Y-m-d', (int) strtotime("+$days days"));
    }

    private function tove(): string
    {
        $id = $this->db()->fetchOne('SELECT HEX(id) FROM staff WHERE login = ?', ['tove']);

        return (string) \Symfony\Component\Uid\Uuid::fromBinary((string) hex2bin(self::text($id)));
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function book(string $dog, int $days, array $more = [], int $expect = 201): array
    {
        $body = ['day' => self::on($days)] + $more;

        return $this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/bookings', $body, $expect);
    }

    /**
     * @param array<string, mixed> $booking
     * @param array<string, mixed> $to
     *
     * @return array<string, mixed>
     */
    private function move(array $booking, array $to, int $expect = 200): array
    {
        return $this->ask(
            'PUT',
            '/api/bookings/'.self::text($booking['id']).'/date',
            $to + ['day' => $booking['day'], 'time' => $booking['time'], 'kind' => $booking['kind']],
            $expect,
            headers: ['If-Match' => '"'.self::number($booking['version']).'"'],
        );
    }

    public function testAVisitThatSlipsKeepsWhyAndTheDayItWasFor(): void
    {
        $b = $this->book('Tansy', 40, ['time' => '10:00']);
        $moved = $this->move($b, ['day' => self::on(47), 'time' => '11:30', 'cause' => 'illness']);
        self::assertSame([self::on(47), '11:30', 2], [$moved['day'], $moved['time'], $moved['version']]);
        $kept = fn (): mixed => $this->db()->fetchNumeric(
            'SELECT first_day, cause, slot FROM booking WHERE time IN (?, ?) ORDER BY id DESC LIMIT 1',
            ['11:30', '10:00'],
        );
        self::assertSame([self::on(40), 'illness', self::on(47).' 11:30'], $kept());
        // Later still: the first day stays. Back where it was: it has not slipped.
        $again = $this->move($moved, ['day' => self::on(54), 'cause' => 'weather']);
        self::assertSame([self::on(40), 'weather', self::on(54).' 11:30'], $kept());
        $this->move($again, ['day' => self::on(40), 'time' => '10:00']);
        self::assertSame([null, '', self::on(40).' 10:00'], $kept());
        self::assertSame(1, $this->db()->fetchOne("SELECT COUNT(*) FROM change_log WHERE summary LIKE '%(illness)%'"));
    }

    public function testTwoDesksOnOneHourOfAPersonOneWins(): void
    {
        $hour = ['time' => '10:00', 'staff' => $this->tove()];
        $day = (int) (new \DateTimeImmutable('today'))->diff(new \DateTimeImmutable('monday +6 weeks'))->days;
        $this->book('Tansy', $day, $hour);
        $said = $this->book('Osric', $day, $hour, 409);
        self::assertStringStartsWith('Tove Lindgarth has Tansy on ', self::text($said['title']));
        $other = $this->book('Osric', $day, ['time' => '12:00'] + $hour);
        $this->move($other, $hour, 409);
        $this->move($other, ['time' => '10:00', 'staff' => null]);
        // What is cancelled holds nothing.
        $this->db()->executeStatement("UPDATE booking SET state = 'cancelled', slot = NULL, held = NULL
            WHERE time = '10:00' AND staff_id IS NOT NULL AND day = ?", [self::on($day)]);
        $this->book('Osric', $day, ['time' => '10:00', 'staff' => $this->tove()], 409);
        $this->book('Wick', $day, $hour);
    }

    /** @param array<string, mixed> $to */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsNamedAndTheBookingStaysAsItIs(array $to, int $status, string $says): void
    {
        $b = $this->book('Tansy', 40);
        $answer = $this->move($b, $to, $status);
        self::assertStringContainsString($says, json_encode($answer, \JSON_THROW_ON_ERROR));
        self::assertSame(
            [self::on(40), 1],
            $this->db()->fetchNumeric('SELECT day, version FROM booking ORDER BY id DESC LIMIT 1'),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, int, string}> */
    public static function impossible(): iterable
    {
        yield 'yesterday' => [['day' => self::on(-1)], 422, 'from today'];
        yield 'in ten years' => [['day' => self::on(3700)], 422, 'two years'];
        yield 'a day that is none' => [['day' => 'soon'], 422, 'day'];
        yield 'twenty-six hours' => [['time' => '26:00'], 422, 'such as 09:30'];
        yield 'no kind of visit' => [['kind' => 'spa'], 422, 'kind'];
        yield 'a cause that is none' => [['cause' => '<b>'], 422, 'cause'];
        yield 'nobody' => [['staff' => '00000000-0000-7000-8000-000000000000'], 404, 'person'];
    }

    public function testWhatIsOverOrCancelledIsBookedAnew(): void
    {
        $b = $this->book('Tansy', 40);
        $this->db()->executeStatement('UPDATE booking SET day = ? ORDER BY id DESC LIMIT 1', [self::on(-3)]);
        $this->fresh();
        $over = $this->move($b, ['day' => self::on(41)], 409);
        self::assertStringContainsString('is over', self::text($over['title']));
        $c = $this->book('Osric', 40);
        $this->ask('DELETE', '/api/bookings/'.self::text($c['id']), [], 200, headers: ['If-Match' => '"1"']);
        $this->move(['version' => 2] + $c, ['day' => self::on(41)], 409);
        $this->move(['version' => 1] + $c, ['day' => self::on(41)], 412);
    }

    public function testAVisitOfTwoDaysIsWashedOnTheFirstAndTheRestIsShorterAndWithoutABath(): void
    {
        $day = new \DateTimeImmutable('monday +6 weeks');
        $tansy = $this->dogId('Tansy');
        $rest = ['day' => $day->format('Y-m-d'), 'time' => '10:00', 'kind' => 'full', 'staff' => $this->tove()];
        $wash = static fn (int $before, string $time = '15:00'): array => [
            'day' => $day->modify("-$before days")->format('Y-m-d'),
            'time' => $time,
        ];
        foreach (
            [
                ['wash.day', ['wash' => $wash(0)]],
                ['wash.day', ['wash' => $wash(3)]],
                ['wash.time', ['wash' => $wash(1, '25:00')]],
                ['wash', ['kind' => 'tidy', 'wash' => $wash(1)]],
            ] as [$field, $wrong]
        ) {
            $said = $this->ask('POST', "/api/dogs/$tansy/bookings", $wrong + $rest, 422);
            self::assertArrayHasKey($field, self::errors($said));
        }
        $all = 'SELECT COUNT(*) FROM booking WHERE day = ?';
        $count = fn (): float => self::number($this->db()->fetchOne($all, [$rest['day']]));
        $before = $count();
        $booked = $this->ask('POST', "/api/dogs/$tansy/bookings", ['wash' => $wash(1)] + $rest, 201);
        self::assertTrue($booked['washed']);
        self::assertSame($before + 1, $count());
        $this->fresh();
        $item = fn (string $on, string $phase): array => array_values(array_filter(
            self::rows(self::find(
                self::rows($this->ask('GET', "/api/agenda?on=$on", expect: 200)['places']),
                'name',
                'Mill room',
            )['items']),
            static fn (array $i): bool => 'Tansy' === $i['name'] && $phase === $i['phase'],
        ));
        self::assertSame([], [...$item($rest['day'], 'bath'), ...$item($rest['day'], 'dry')]);
        self::assertCount(1, $item($rest['day'], 'cut'));
        self::assertCount(1, $item($wash(1)['day'], 'bath'));

        // On the day itself the table has no bath, and its minutes are those of the rest.
        $this->db()->executeStatement('UPDATE booking SET day = ?, slot = NULL WHERE id = UNHEX(?)', [
            self::on(0),
            str_replace('-', '', self::text($booked['id'])),
        ]);
        $this->signIn('tove');
        $groom = $this->groomOf('Tansy');
        $all = self::rows($this->ask('GET', "/api/grooms/$groom", expect: 200)['steps']);
        $steps = array_map(self::text(...), array_column($all, 'step'));
        self::assertSame([], array_intersect(['bath', 'dry'], $steps));
        self::assertNotSame([], $steps);

        // Without the bath before it, the rest is all of it again.
        $this->signIn('junia');
        $bath = self::map($this->db()->fetchAssociative("SELECT HEX(id) id, version FROM booking WHERE kind = 'bath'
            AND day = ? AND note LIKE 'washed and dried for%'", [$wash(1)['day']]));
        $match = ['If-Match' => '"'.self::number($bath['version']).'"'];
        $id = (string) \Symfony\Component\Uid\Uuid::fromBinary((string) hex2bin(self::text($bath['id'])));
        $this->ask('DELETE', "/api/bookings/$id", expect: 200, headers: $match);
        self::assertSame(0, $this->db()->fetchOne('SELECT COUNT(*) FROM booking WHERE washed = 1'));
    }

    public function testATimeThatTheClocksLeaveOutIsNamedWithTheOneThatIsMeant(): void
    {
        $this->db()->executeStatement("UPDATE salon SET time_zone = 'Europe/Berlin'");
        $this->fresh();
        $year = (int) date('Y') + 1;
        $spring = (new \DateTimeImmutable("last sunday of march $year"))->format('Y-m-d');
        $said = $this->ask('POST', '/api/dogs/'.$this->dogId('Tansy').'/bookings', [
            'day' => $spring,
            'time' => '02:30',
        ], 422);
        self::assertSame(
            'is not there that night, the clocks go forward: take 03:30',
            self::errors($said)['time'],
        );
    }
}
