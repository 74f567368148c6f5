<?php

/** The till: what the table did is what is paid; deposits, vouchers, fees; what goes back; the drawer to the cent. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Tests\QueryCounter;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;

final class TillTest extends ApiTestCase
{
    private string $day;
    private string $place;

    protected function setUp(): void
    {
        parent::setUp();
        // A working day of its own, far from what the demo salon has booked.
        $this->day = (new \DateTimeImmutable('second wednesday of july next year'))->format('Y-m-d');
        self::at('09:00');
        $this->signIn('tove');
        $this->place = (string) \Symfony\Component\Uid\Uuid::fromBinary(
            self::text($this->db()->fetchOne("SELECT id FROM place WHERE name = 'Mill room'")),
        );
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        Clock::set(new NativeClock());
    }

    private function at(string $time): void
    {
        Clock::set(new MockClock("{$this->day}T$time:00Z", 'UTC'));
    }

    /** @return array<string, mixed> */
    private function book(string $dog = 'Cobnut', string $time = '09:30', ?string $day = null): array
    {
        $path = '/api/dogs/'.$this->dogId($dog).'/bookings';

        return $this->ask('POST', $path, ['day' => $day ?? $this->day, 'time' => $time], 201);
    }

    /** A dog that is done: its arrival. */
    private function done(string $dog = 'Cobnut'): string
    {
        $arrivals = '/api/dogs/'.$this->dogId($dog).'/arrivals';
        $arrival = self::text($this->ask('POST', $arrivals, expect: 200)['id']);
        $this->ask('POST', '/api/grooms/'.$this->groomOf($dog).'/close', [], 200);

        return $arrival;
    }

    /** @return array<string, mixed> */
    private function till(?string $on = null): array
    {
        return $this->ask('GET', "/api/places/$this->place/till".(null === $on ? '' : "?on=$on"), expect: 200);
    }

    /**
     * @param array<string, mixed> $form
     *
     * @return array<string, mixed>
     */
    private function pay(array $form, int $expect = 201): array
    {
        return $this->ask('POST', '/api/bills', $form + ['place' => $this->place, 'due_minor' => 0], $expect);
    }

    /**
     * @param array<string, mixed> $form
     *
     * @return array<string, mixed>
     */
    private function back(string $bill, array $form = [], int $expect = 201): array
    {
        return $this->ask('POST', "/api/bills/$bill/back", $form + [
            'place' => $this->place,
            'why' => 'typed wrong',
        ], $expect);
    }

    /** @return array{way: string, minor: int} */
    private static function cash(int $minor): array
    {
        return ['way' => 'cash', 'minor' => $minor];
    }

    public function testWhatTheTableDidIsPaidWithItsDepositTipAndComb(): void
    {
        $booking = $this->book();
        $id = self::text($booking['id']);
        $deposit = $this->pay(['booking' => $id, 'deposit_minor' => 2000, 'payments' => [self::cash(2000)]]);
        self::assertSame(2000, $deposit['total_minor']);
        $arrival = $this->done();
        $due = $this->ask('GET', "/api/arrivals/$arrival/bill", expect: 200);
        $work = self::rows($due['lines'])[0]['minor'];
        self::assertIsInt($work);
        self::assertSame($work - 2000, $due['due_minor']);
        $row = self::find(self::rows($this->till()['to_pay']), 'name', 'Cobnut');
        self::assertSame([$arrival, 'ready', $work], [$row['arrival'], $row['state'], $row['minor']]);
        $form = [
            'arrival' => $arrival,
            'due_minor' => $work - 2000,
            'products' => [['name' => 'Slicker', 'minor' => 1450, 'tax_percent' => 19, 'count' => 2]],
            'tip_minor' => 500,
            'adjust_minor' => -300,
            'adjust_why' => 'waited',
        ];
        $sum = $work - 2000 + 2900 + 500 - 300;
        $soFar = $this->ask('POST', '/api/bills/answer', $form + [
            'place' => $this->place,
            'payments' => [['way' => 'card', 'minor' => 1000]],
        ], 200);
        self::assertSame([$sum, $sum - 1000, 0], [
            $soFar['total_minor'],
            $soFar['missing_minor'],
            $soFar['change_minor'],
        ]);
        $short = self::errors($this->pay($form + ['payments' => [self::cash($sum - 1)]], 422));
        self::assertSame('0.01 is missing', $short['payments']);
        $bill = $this->pay($form + ['payments' => [['way' => 'card', 'minor' => 1000], self::cash($sum)]]);
        self::assertSame([$sum, 1000], [$bill['total_minor'], $bill['change_minor']]);
        self::assertSame(self::number($deposit['number']) + 1, self::number($bill['number']));
        // Nobody pays twice, on whichever tablet.
        $this->pay($form + ['payments' => [self::cash($sum)]], 409);
        $this->ask('GET', "/api/arrivals/$arrival/bill", expect: 409);
        $till = $this->till();
        self::assertNotContains('Cobnut', array_column(self::rows($till['to_pay']), 'name'));
        self::assertSame(['cash' => 2000 + $sum - 1000, 'card' => 1000], $till['ways']);
        $tove = self::find(self::rows($till['people']), 'name', 'Tove Lindgarth');
        self::assertSame([$work - 300, 500], [$tove['earned_minor'], $tove['tips_minor']]);
        self::assertSame(2900 + $work - 300, $till['earned_minor']);
        // The floor knows that it is paid.
        $floor = self::rows($this->ask('GET', '/api/floor', expect: 200)['dogs']);
        self::assertTrue(self::find($floor, 'name', 'Cobnut')['paid']);
        $this->receipt(self::text($bill['receipt']), 'Full groom');
    }

    private function receipt(string $path, string $says): void
    {
        $this->client->request('GET', $path);
        $page = (string) $this->client->getResponse()->getContent();
        self::assertSame(200, $this->client->getResponse()->getStatusCode());
        self::assertStringContainsString($says, $page);
        self::assertStringContainsString('waited', $page);
        self::assertStringContainsString('19 % tax', $page);
        $this->client->request('GET', "$path.pdf");
        self::assertStringStartsWith('%PDF-', (string) $this->client->getResponse()->getContent());
        $this->client->request('GET', substr($path, 0, -1).('0' === substr($path, -1) ? '1' : '0'));
        self::assertSame(404, $this->client->getResponse()->getStatusCode());
        self::at('09:00');
    }

    public function testADepositIsKeptAfterANoShowAndTheRestIsAskedForOrLetGo(): void
    {
        $booking = $this->book();
        $id = self::text($booking['id']);
        $this->pay(['booking' => $id, 'deposit_minor' => 2000, 'payments' => [['way' => 'transfer', 'minor' => 2000]]]);
        self::at('10:00');
        $version = (int) self::number($this->db()->fetchOne('SELECT version FROM booking ORDER BY id DESC LIMIT 1'));
        $missed = $this->ask('PUT', "/api/bookings/$id/missed", [], 200, headers: ['If-Match' => "\"$version\""]);
        $charge = self::number($missed['charge_minor']);
        $due = $this->ask('GET', "/api/bookings/$id/bill", expect: 200);
        self::assertSame($charge - 2000, self::number($due['due_minor']));
        $row = self::find(self::rows($this->till()['to_pay']), 'booking', $id);
        self::assertSame('missed', $row['state']);
        $let = fn (string $why, int $expect = 200): array => $this->ask(
            'PUT',
            "/api/bookings/$id/charge",
            ['why' => $why],
            $expect,
            headers: [
                'If-Match' => '"'.self::number($this->db()->fetchOne('SELECT version FROM booking WHERE id = ?', [
                    \Symfony\Component\Uid\Uuid::fromString($id)->toBinary(),
                ])).'"',
            ],
        );
        $let('its first time');
        self::assertNotContains($id, array_column(self::rows($this->till()['to_pay']), 'booking'));
        $held = self::find(self::rows($this->till()['held']), 'booking', $id);
        self::assertSame(2000, $held['minor']);
        $let('');
        $paid = $this->pay([
            'booking' => $id,
            'due_minor' => $due['due_minor'],
            'payments' => [['way' => 'card', 'minor' => $due['due_minor']]],
        ]);
        self::assertSame(['missed', 'deposit_used'], array_column(self::rows($paid['lines']), 'kind'));
        self::assertNotContains($id, array_column(self::rows($this->till()['held']), 'booking'));
        $let('too late', 409);
        // Who has paid for not coming did not come, until that bill goes back.
        $this->ask('DELETE', "/api/bookings/$id/missed", [], 409, headers: [
            'If-Match' => '"'.self::number($this->db()->fetchOne('SELECT version FROM booking WHERE id = ?', [
                \Symfony\Component\Uid\Uuid::fromString($id)->toBinary(),
            ])).'"',
        ]);
        // No tax is in what was paid for nothing.
        self::assertSame([], $this->till()['taxes']);
        // Taken back, the deposit is held again and the fee is open again; then the deposit goes home.
        $this->back(self::text($paid['id']), ['way' => 'card']);
        self::assertContains($id, array_column(self::rows($this->till()['to_pay']), 'booking'));
        $home = fn (int $expect): array => $this->ask(
            'DELETE',
            "/api/bookings/$id/deposit",
            ['place' => $this->place, 'way' => 'transfer'],
            $expect,
        );
        self::assertSame(-2000, $home(200)['total_minor']);
        $home(409);
        self::assertSame(0, self::map($this->till()['ways'])['transfer']);
    }

    public function testAVoucherIsSoldUsedUpAndOnlyOnce(): void
    {
        $sold = $this->pay(['voucher_minor' => 3000, 'payments' => [['way' => 'card', 'minor' => 3000]]]);
        self::assertSame(0, $this->till()['earned_minor'], 'it is owed until it is used');
        $code = substr(self::text(self::rows($sold['lines'])[0]['label']), -9);
        $comb = ['products' => [['name' => 'Comb', 'minor' => 2000]]];
        $with = static fn (string $c, int $minor): array => [
            'payments' => [['way' => 'voucher', 'minor' => $minor, 'voucher' => $c]],
        ];
        self::assertArrayHasKey('payments[0].voucher', self::errors($this->pay($comb + $with('NOPE-NOPE', 2000), 422)));
        $paid = $this->pay($comb + $with(strtolower(str_replace('-', ' ', $code)), 2000));
        $open = self::find(self::rows($this->till()['vouchers']), 'code', $code);
        self::assertSame([3000, 1000], [$open['minor'], $open['left_minor']]);
        $more = self::errors($this->pay($comb + $with($code, 2000), 422));
        self::assertStringContainsString('10.00', $more['payments[0].minor']);
        self::assertStringContainsString(
            'used',
            self::text($this->back(self::text($sold['id']), ['way' => 'card'], 409)['title']),
        );
        $this->back(self::text($paid['id']), ['way' => 'voucher']);
        $this->back(self::text($sold['id']), ['way' => 'card']);
        self::assertNotContains($code, array_column(self::rows($this->till()['vouchers']), 'code'));
        self::assertArrayHasKey('payments[0].minor', self::errors($this->pay($comb + $with($code, 1), 422) + [
            'errors' => [],
        ]));
    }

    public function testAVoucherTakesBackNoMoreThanItWasWorth(): void
    {
        $sold = $this->pay(['voucher_minor' => 1000, 'payments' => [['way' => 'card', 'minor' => 1000]]]);
        $code = substr(self::text(self::rows($sold['lines'])[0]['label']), -9);
        $mixed = $this->pay(['products' => [['name' => 'Comb', 'minor' => 5000]]] + [
            'payments' => [
                ['way' => 'voucher', 'minor' => 1000, 'voucher' => $code],
                ['way' => 'card', 'minor' => 4000],
            ],
        ]);
        $this->back(self::text($mixed['id']), ['way' => 'voucher'], 409);
        $this->back(self::text($mixed['id']), ['way' => 'card']);
        self::assertSame(0, $this->leftOn($code));
    }

    private function leftOn(string $code): int
    {
        return (int) self::number($this->db()->fetchOne('SELECT left_minor FROM voucher WHERE code = ?', [$code]));
    }

    public function testBillsGoBackLineByLineAndAreNeverOverwritten(): void
    {
        $products = [['name' => 'Comb', 'minor' => 1290], ['name' => 'Brush', 'minor' => 1850]];
        $bill = $this->pay(['products' => $products, 'payments' => [self::cash(5000)]]);
        $id = self::text($bill['id']);
        self::assertArrayHasKey('lines[0]', self::errors($this->back($id, ['lines' => [7]], 422)));
        self::assertArrayHasKey('why', self::errors($this->back($id, ['why' => ''], 422)));
        $back = $this->back($id, ['lines' => [1]]);
        self::assertSame([-1850, $bill['number']], [$back['total_minor'], $back['reverses']]);
        self::assertArrayHasKey('lines[0]', self::errors($this->back($id, ['lines' => [1]], 422)));
        $this->back($id);
        $this->back($id, [], 409);
        $this->back(self::text($back['id']), [], 409);
        $till = $this->till();
        self::assertSame([0, 0], [$till['in_minor'], $till['earned_minor']]);
        $numbers = array_map(self::number(...), array_column(self::rows($till['sales']), 'number'));
        $first = self::number($bill['number']);
        self::assertSame([$first + 2, $first + 1, $first], $numbers, 'none is left out');
        self::assertSame(3140, self::find(self::rows($till['sales']), 'id', $id)['total_minor']);
    }

    public function testADrawerThatDoesNotAddUpNeedsAWordAndIsCountedAgain(): void
    {
        /** @param array<string, mixed> $form */
        $count = fn (array $form, int $expect): array => $this->ask(
            'POST',
            '/api/drawer',
            self::map($form + ['place' => $this->place, 'stays_minor' => 10_000]),
            $expect,
        );
        $count(['counted_minor' => 15_000, 'why' => 'first float'], 200);
        $this->day = (new \DateTimeImmutable($this->day))->modify('+1 day')->format('Y-m-d');
        self::at('09:00');
        $this->signIn('tove');
        $this->pay(['products' => [['name' => 'Comb', 'minor' => 1290]], 'payments' => [self::cash(2000)]]);
        $till = $this->till();
        self::assertSame([10_000, 11_290, null], [$till['began_minor'], $till['drawer_minor'], $till['counted']]);
        self::assertStringContainsString(
            '0.90 is missing',
            self::errors($count(['counted_minor' => 11_200], 422))['why'],
        );
        self::assertArrayHasKey(
            'stays_minor',
            self::errors($count(['counted_minor' => 11_290, 'stays_minor' => 20_000], 422)),
        );
        $counted = self::map($count(['counted_minor' => 11_200, 'why' => 'a coin behind it?'], 200)['counted']);
        self::assertSame([1, 11_290], [$counted['round'], $counted['expected_minor']]);
        self::assertSame(11_200, $counted['counted_minor']);
        $this->pay(['products' => [['name' => 'Comb', 'minor' => 1290]], 'payments' => [self::cash(1290)]]);
        self::assertSame(1, self::map($this->till()['counted'])['sales_since']);
        $again = self::map($count(['counted_minor' => 12_580], 200)['counted']);
        self::assertSame([2, '', 0], [$again['round'], $again['why'], $again['sales_since']]);
    }

    public function testWhatCannotBeIsNamed(): void
    {
        $booking = self::text($this->book()['id']);
        self::assertSame('nothing is on the bill', self::errors($this->pay([], 422))['lines']);
        $wrong = [
            'deposit_minor' => ['deposit_minor' => 100, 'payments' => [self::cash(100)]],
            'adjust_why' => ['adjust_minor' => -1, 'booking' => $booking],
            'adjust_minor' => ['adjust_minor' => -1, 'adjust_why' => 'sorry'],
            'products[0].minor' => ['products' => [['name' => 'x', 'minor' => -5]]],
            'payments[0].way' => ['payments' => [['way' => 'shells', 'minor' => 1]]],
            'tip_minor' => ['tip_minor' => -1],
        ];
        foreach ($wrong as $field => $form) {
            self::assertArrayHasKey($field, self::errors($this->pay($form, 422)), $field);
        }
        $comb = ['products' => [['name' => 'Comb', 'minor' => 100]], 'payments' => [self::cash(100)]];
        $this->pay($comb + ['due_minor' => 5], 412);
        $this->pay($comb + ['place' => '00000000-0000-4000-8000-000000000000'], 404);
        $this->pay($comb + ['arrival' => '00000000-0000-4000-8000-000000000000'], 404);
        $arrival = $this->ask('POST', '/api/dogs/'.$this->dogId('Cobnut').'/arrivals', expect: 200);
        self::assertStringContainsString(
            'not ready',
            self::text($this->pay(['arrival' => $arrival['id']], 409)['title']),
        );
        $this->signIn('wim');
        $this->ask('GET', "/api/places/$this->place/till", expect: 403);
        $this->pay($comb, 403);
    }

    public function testCollectingLateIsOnTheBillAndReceiptsAreSent(): void
    {
        $this->book();
        self::at('09:40');
        $arrival = $this->done();
        self::at('20:00');
        $this->signIn('tove');
        $due = $this->ask('GET', "/api/arrivals/$arrival/bill", expect: 200);
        $late = self::find(self::rows($due['lines']), 'label', 'Collected late');
        self::assertGreaterThan(5000, $late['minor']);
        $floor = self::find(self::rows($this->ask('GET', '/api/floor', expect: 200)['dogs']), 'name', 'Cobnut');
        self::assertSame($floor['late_fee_minor'], $late['minor'], 'the same as the floor says');
        $bill = $this->pay([
            'arrival' => $arrival,
            'due_minor' => $due['due_minor'],
            'payments' => [self::cash((int) self::number($due['due_minor']))],
        ]);
        $this->ask('POST', '/api/bills/'.self::text($bill['id']).'/receipt', [], 200);
        $sent = self::text($this->db()->fetchOne('SELECT text FROM message ORDER BY id DESC LIMIT 1'));
        self::assertStringContainsString(self::text($bill['receipt']), $sent);
        $nobody = $this->pay(['products' => [['name' => 'Comb', 'minor' => 1]], 'payments' => [self::cash(1)]]);
        $this->ask('POST', '/api/bills/'.self::text($nobody['id']).'/receipt', [], 409);
    }

    public function testATillOfManyBillsIsReadInAsManyStatementsAsOneOfTwo(): void
    {
        $sell = fn (): array => $this->pay([
            'products' => [['name' => 'Comb', 'minor' => 100]],
            'payments' => [self::cash(100)],
        ]);
        $sell();
        $sell();
        $this->till();
        $few = QueryCounter::during(fn () => $this->till());
        for ($n = 0; $n < 12; ++$n) {
            $sell();
        }
        self::assertSame($few, QueryCounter::during(fn () => $this->till()));
    }
}
