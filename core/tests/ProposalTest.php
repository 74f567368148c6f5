<?php

/** Dates that are offered: never where somebody is busy, those that keep the clock first, with their reasons. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Day\FreeDay;
use KeenThistle\Core\Day\ProposalRule;
use PHPUnit\Framework\TestCase;

final class ProposalTest extends TestCase
{
    use TestTrait;

    /** @param list<array{int, int}> $busy */
    private static function day(string $date, array $busy = [], string $who = 'tove'): FreeDay
    {
        return new FreeDay($date, [['id' => $who, 'from' => 540, 'to' => 1050, 'busy' => $busy]]);
    }

    public function testTheLatestThatKeepsTheClockComesFirstAndWhatIsLateLast(): void
    {
        $days = [
            self::day('2026-12-01'),
            self::day('2026-12-08'),
            self::day('2026-12-10'),
            self::day('2026-12-11'),
        ];
        $offers = (new ProposalRule())->of($days, 90, '2026-12-10', 'tove', 570);
        self::assertSame(
            ['2026-12-10', '2026-12-08', '2026-12-01', '2026-12-11'],
            array_column($offers, 'day'),
        );
        self::assertSame([[0, 0], [0, 2], [0, 9], [1, 0]], array_map(
            static fn (array $o): array => [$o['late_days'], $o['early_days']],
            $offers,
        ));
        self::assertSame(['on the last day that keeps the clock', 'with who had it last'], $offers[0]['reasons']);
        self::assertSame('a day past the clock', $offers[3]['reasons'][0]);
    }

    public function testWhereNobodyKnowsTheClockNothingIsSaidOfIt(): void
    {
        $offers = (new ProposalRule())->of([self::day('2026-12-12')], 90, '2026-12-10', 'tove', 570, false);
        self::assertSame([0, ['with who had it last']], [$offers[0]['late_days'], $offers[0]['reasons']]);
    }

    public function testTheSameGroomerAtTheSameHourIsWorthADayOrTwo(): void
    {
        $both = new FreeDay('2026-12-10', [
            ['id' => 'maren', 'from' => 540, 'to' => 1050, 'busy' => []],
            ['id' => 'tove', 'from' => 540, 'to' => 1050, 'busy' => [[540, 660]]],
        ]);
        $offer = (new ProposalRule())->of([$both], 90, '2026-12-10', 'tove', 570)[0];
        self::assertSame(['tove', 660], [$offer['person'], $offer['time']], 'an hour and a half later, but with her');
        $full = new FreeDay('2026-12-10', [
            ['id' => 'maren', 'from' => 540, 'to' => 1050, 'busy' => []],
            ['id' => 'tove', 'from' => 540, 'to' => 1050, 'busy' => [[540, 1000]]],
        ]);
        $other = (new ProposalRule())->of([$full], 90, '2026-12-10', 'tove', 570)[0];
        self::assertSame(['maren', 570], [$other['person'], $other['time']]);
        self::assertContains('with somebody else', $other['reasons']);
        $none = [self::day('2026-12-10', [[540, 1050]])];
        self::assertSame([], (new ProposalRule())->of($none, 15, '2026-12-10', null, 570));
    }

    public function testNobodyIsOfferedWhereTheyAreBusyOrGone(): void
    {
        $this->forAll(
            Generators::choose(15, 240),
            Generators::choose(540, 900),
            Generators::choose(10, 200),
            Generators::choose(480, 1050),
        )->then(static function (int $minutes, int $from, int $length, int $at): void {
            $days = [self::day('2026-12-10', [[$from, $from + $length]]), self::day('2026-12-11')];
            foreach ((new ProposalRule())->of($days, $minutes, '2026-12-10', null, $at) as $o) {
                self::assertGreaterThanOrEqual(540, $o['time']);
                self::assertLessThanOrEqual(1050, $o['time'] + $minutes);
                self::assertSame(0, $o['time'] % 15);
                self::assertTrue(
                    '2026-12-11' === $o['day'] || $o['time'] + $minutes <= $from || $o['time'] >= $from + $length,
                );
            }
        });
    }
}
