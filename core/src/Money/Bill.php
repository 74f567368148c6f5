<?php

/** What is asked for and what was handed over: they meet to the cent, or it is said what is missing. */

declare(strict_types=1);

namespace KeenThistle\Core\Money;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;

final readonly class Bill
{
    private const PERCENT = 100;

    /**
     * @param list<Line> $lines
     * @param list<Payment> $payments
     * @param int $change that was given back out of cash
     */
    private function __construct(public array $lines, public array $payments, public int $total, public int $change)
    {
    }

    /** @param list<Line> $lines */
    public static function total(array $lines): int
    {
        return array_sum(array_map(static fn (Line $l): int => $l->minor, $lines));
    }

    /**
     * @param list<Line> $lines
     * @param list<Payment> $payments
     * @param array<string, int> $vouchers what is left on those that are named, by number
     *
     * @throws InvalidInput where it does not add up (fields "payments", "payments[n].minor", "payments[n].voucher")
     */
    public static function of(array $lines, array $payments, array $vouchers = []): self
    {
        $total = self::total($lines);
        if ([] === $lines) {
            throw InvalidInput::at('lines', Say::it('money.nothing_is_on_it'));
        }
        if ($total < 0) {
            throw InvalidInput::at('adjust_minor', Say::it('money.more_is_taken_off'));
        }
        foreach ($payments as $i => $p) {
            if ($p->minor <= 0) {
                throw InvalidInput::at("payments[$i].minor", Say::it('money.must_be_more_than_nothing'));
            }
            if (Way::Voucher === $p->way) {
                $left = $vouchers[$p->voucher] ?? null;
                if (null === $left) {
                    throw InvalidInput::at("payments[$i].voucher", Say::it('money.no_such_voucher'));
                }
                if ($p->minor > $left) {
                    $why = Say::it('money.left_on_the_voucher', self::money($left));
                    throw InvalidInput::at("payments[$i].minor", $why);
                }
                $vouchers[$p->voucher] = $left - $p->minor;
            }
        }
        ['missing' => $missing, 'change' => $change, 'over' => $over] = self::meets($total, $payments);
        if ($missing > 0) {
            throw InvalidInput::at('payments', Say::it('money.is_missing', self::money($missing)));
        }
        if ($over > 0) {
            throw InvalidInput::at('payments', Say::it('money.only_cash_gives_change', self::money($over)));
        }

        return new self($lines, $payments, $total, $change);
    }

    /**
     * @param list<Payment> $payments
     *
     * @return array{missing: int, change: int, over: int} change that goes back out of cash; over: that cannot
     */
    public static function meets(int $total, array $payments): array
    {
        $given = $cash = 0;
        foreach ($payments as $p) {
            $given += $p->minor;
            $cash += Way::Cash === $p->way ? $p->minor : 0;
        }
        $back = max(0, $given - $total);

        return [
            'missing' => max(0, $total - $given),
            'change' => min($back, $cash),
            'over' => max(0, $back - $cash),
        ];
    }

    /**
     * What goes back of a bill: its lines with the sign turned, by one way.
     *
     * @param list<Line> $lines of the bill, as they were
     *
     * @throws InvalidInput where they come to less than nothing
     */
    public static function back(array $lines, Way $way, string $voucher = ''): self
    {
        $turned = array_map(static fn (Line $l): Line => $l->reversed(), $lines);
        $total = self::total($turned);
        if ([] === $lines || $total > 0) {
            throw InvalidInput::at('lines', Say::it('money.these_alone_cannot_go_back'));
        }
        $paid = 0 === $total ? [] : [new Payment($way, $total, $voucher)];

        return new self($turned, $paid, $total, 0);
    }

    /**
     * The tax that is in it, by rate: of the sum at a rate, so that a receipt adds up.
     *
     * @param list<Line> $lines
     *
     * @return list<array{percent: float, gross: int, tax: int}>
     */
    public static function taxes(array $lines): array
    {
        $gross = [];
        foreach ($lines as $line) {
            if ($line->kind->isTaxed() && $line->taxPercent > 0) {
                $rate = (string) $line->taxPercent;
                $gross[$rate] = ($gross[$rate] ?? 0) + $line->minor;
            }
        }
        ksort($gross);
        $out = [];
        foreach ($gross as $rate => $sum) {
            $net = (int) round($sum / (1 + (float) $rate / self::PERCENT));
            $out[] = ['percent' => (float) $rate, 'gross' => $sum, 'tax' => $sum - $net];
        }

        return $out;
    }

    private static function money(int $minor): string
    {
        return number_format($minor / self::PERCENT, 2, '.', '');
    }
}
