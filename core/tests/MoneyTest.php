<?php

/** Bills and takings: to the cent, whoever pays how; what goes back leaves nothing behind. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Payment;
use KeenThistle\Core\Money\Takings;
use KeenThistle\Core\Money\Way;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    use TestTrait;

    private static function wrong(callable $call): string
    {
        try {
            $call();
        } catch (InvalidInput $e) {
            return "{$e->field}: {$e->getMessage()}";
        }
        self::fail('it was taken');
    }

    /** @return list<Line> */
    private static function groom(): array
    {
        return [
            new Line(LineKind::Work, 'Full groom', 6500, 19.0, 'tove'),
            new Line(LineKind::Product, 'Comb', 1290, 7.0),
            new Line(LineKind::Tip, 'Tip', 500, person: 'tove'),
            new Line(LineKind::DepositUsed, 'Deposit', -2000),
        ];
    }

    public function testABillThatMeetsGivesChangeOutOfCash(): void
    {
        $bill = Bill::of(self::groom(), [new Payment(Way::Card, 3000), new Payment(Way::Cash, 5000)]);
        self::assertSame([6290, 1710], [$bill->total, $bill->change]);
        // 65.00 with 19 % in it: 54.62 and 10.38; 12.90 with 7 %: 12.06 and 0.84.
        self::assertSame(
            [['percent' => 7.0, 'gross' => 1290, 'tax' => 84], ['percent' => 19.0, 'gross' => 6500, 'tax' => 1038]],
            Bill::taxes($bill->lines),
        );
    }

    public function testWhatDoesNotMeetIsNamed(): void
    {
        $pay = static fn (Payment ...$p): string => self::wrong(
            static fn (): Bill => Bill::of(self::groom(), array_values($p), ['V-1' => 1000]),
        );
        self::assertSame('payments: 0.01 is missing', $pay(new Payment(Way::Card, 6289)));
        self::assertStringContainsString('0.10 too much', $pay(new Payment(Way::Card, 6300)));
        $over = $pay(new Payment(Way::Cash, 10), new Payment(Way::Card, 6590));
        self::assertStringContainsString('3.00 too much', $over);
        self::assertStringStartsWith('payments[0].voucher', $pay(new Payment(Way::Voucher, 100, 'V-2')));
        self::assertStringContainsString('10.00', $pay(new Payment(Way::Voucher, 1001, 'V-1')));
        self::assertStringStartsWith(
            'payments[1].minor',
            $pay(new Payment(Way::Voucher, 600, 'V-1'), new Payment(Way::Voucher, 600, 'V-1')),
        );
        self::assertStringStartsWith('payments[0].minor', $pay(new Payment(Way::Cash, 0)));
        self::assertStringStartsWith('lines', self::wrong(static fn (): Bill => Bill::of([], [])));
        $off = [new Line(LineKind::Adjusted, 'sorry', -1)];
        self::assertStringStartsWith('adjust_minor', self::wrong(static fn (): Bill => Bill::of($off, [])));
    }

    public function testWhatIsOnlyHeldIsNotEarned(): void
    {
        $bills = [
            [
                'lines' => [new Line(LineKind::Deposit, 'Deposit', 2000)],
                'payments' => [new Payment(Way::Transfer, 2000)],
            ],
            ['lines' => self::groom(), 'payments' => [new Payment(Way::Cash, 10000)]],
            ['lines' => [new Line(LineKind::Voucher, 'Voucher', 5000)], 'payments' => [new Payment(Way::Card, 5000)]],
        ];
        $day = Takings::of($bills);
        self::assertSame(7790, $day->earned);
        self::assertSame(['transfer' => 2000, 'cash' => 6290, 'card' => 5000], $day->ways);
        self::assertSame(['earned' => 6500, 'tips' => 500], $day->people['tove']);
        self::assertSame(['earned' => 1290, 'tips' => 0], $day->people['']);
        self::assertSame(16290, $day->inTheDrawer(10000));
    }

    public function testADayAddsUpAndWhatGoesBackLeavesNothing(): void
    {
        $amounts = Generators::seq(Generators::choose(1, 20_000));
        $this->forAll($amounts, Generators::choose(0, 5000), Generators::elements(0.0, 7.0, 19.0, 7.7))->then(
            static function (array $minors, int $more, float $rate): void {
                $bills = [];
                foreach ([...$minors, 100] as $i => $minor) {
                    self::assertIsInt($minor);
                    $kind = LineKind::cases()[$i % 9];
                    $lines = [new Line($kind, 'x', $minor, $rate, "p$i")];
                    $paid = 0 === $i % 2
                        ? [new Payment(Way::Cash, $minor + $more)]
                        : [new Payment(Way::Card, $minor)];
                    $bill = Bill::of($lines, $paid);
                    $bills[] = ['lines' => $bill->lines, 'payments' => $bill->payments];
                }
                $day = Takings::of($bills);
                self::assertSame($day->in, array_sum($day->ways));
                self::assertSame($day->in, array_sum($day->kinds));
                $people = array_sum(array_map(static fn (array $p): int => $p['earned'], $day->people));
                self::assertSame($day->earned, $people);
                foreach ($day->taxes as $tax) {
                    self::assertGreaterThanOrEqual(0, $tax['tax']);
                    self::assertLessThan($tax['gross'], $tax['tax']);
                }
                foreach ($bills as $bill) {
                    $back = Bill::back($bill['lines'], Way::Cash);
                    $bills[] = ['lines' => $back->lines, 'payments' => $back->payments];
                }
                $none = Takings::of($bills);
                self::assertSame([0, 0], [$none->in, $none->earned]);
                self::assertSame([0], array_values(array_unique(array_values($none->kinds))));
            },
        );
    }
}
