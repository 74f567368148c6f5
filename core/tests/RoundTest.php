<?php

/** The van's day: the cheapest order, held against every order there is; windows, water, power, roads that shut. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Round\Call;
use KeenThistle\Core\Round\NotBegunRule;
use KeenThistle\Core\Round\Pause;
use KeenThistle\Core\Round\Refill;
use KeenThistle\Core\Round\Roads;
use KeenThistle\Core\Round\Round;
use KeenThistle\Core\Round\RoundInput;
use KeenThistle\Core\Round\RoundRule;
use KeenThistle\Core\Round\Stop;
use KeenThistle\Core\Round\Van;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoundTest extends TestCase
{
    use TestTrait;

    public function testTheNearestIsNotAlwaysFirst(): void
    {
        $stops = [self::stop('mill', 'a', 540, 700), self::stop('farm', 'b', 480, 560)];
        $round = RoundRule::of(self::van(), self::line(['base' => 0, 'a' => 10, 'b' => 30]), $stops);
        self::assertSame(['farm', 'mill'], self::order($round));
        self::assertSame([0, 0, []], [$round->late, $round->overtime, $round->breaks]);
        self::assertSame('08:30', $round->calls[0]->toArray()['begins']);
    }

    public function testTwoHomesOnOneFarmAreOneWay(): void
    {
        $stops = [self::stop('one', 'a'), self::stop('far', 'b'), self::stop('two', 'a')];
        $round = RoundRule::of(self::van(), self::line(['base' => 0, 'a' => 10, 'b' => 30]), $stops);
        $order = self::order($round);
        self::assertSame(1, abs((int) array_search('one', $order, true) - (int) array_search('two', $order, true)));
        self::assertSame(60, $round->cost);
    }

    public function testWaterIsFetchedWhereItIsLeastOutOfTheWay(): void
    {
        $refills = [new Refill('base', true, true, 15), new Refill('spring', true, false, 10)];
        $van = self::van(tank: 100, refills: $refills);
        $roads = self::line(['base' => 0, 'a' => 20, 'spring' => 25, 'b' => 30]);
        $round = RoundRule::of($van, $roads, [self::stop('one', 'a', litres: 80), self::stop('two', 'b', litres: 80)]);
        self::assertCount(3, $round->calls);
        self::assertSame(['', 'spring', 100.0], [
            $round->calls[1]->stop, $round->calls[1]->at, $round->calls[1]->litresLeft,
        ]);
        self::assertSame(20.0, $round->calls[2]->litresLeft);
        self::assertSame(70, $round->cost);
    }

    public function testABridgeThatIsShutIsWaitedForOrGoneRound(): void
    {
        $shut = ['base' => ['a' => null], 'a' => ['base' => null]];
        $open = ['base' => ['a' => 10], 'a' => ['base' => 10]];
        $roads = new Roads([['from' => 0, 'minutes' => $shut], ['from' => 600, 'minutes' => $open]]);
        $round = RoundRule::of(self::van(), $roads, [self::stop('one', 'a', 480, 540)]);
        self::assertSame(610, $round->calls[0]->begins);
        self::assertSame(70, $round->late);
        self::assertStringContainsString('ends at 09:00 and the van is there at 10:10', $round->breaks['one'] ?? '');
        $never = RoundRule::of(self::van(), new Roads([['from' => 0, 'minutes' => $shut]]), [self::stop('one', 'a')]);
        self::assertSame([], $never->calls);
        self::assertStringContainsString('cannot be reached', $never->breaks['one'] ?? '');
    }

    public function testWhatNoTankHoldsAndWhatNoOrderHoldsIsNamed(): void
    {
        $roads = self::line(['base' => 0, 'a' => 10, 'b' => 20]);
        $dry = RoundRule::of(self::van(tank: 0), $roads, [self::stop('one', 'a', litres: 30), self::stop('two', 'b')]);
        self::assertSame(['one'], array_keys($dry->breaks));
        self::assertStringContainsString('takes 30 litres, the tank holds 0', $dry->breaks['one'] ?? '');
        $flat = RoundRule::of(self::van(battery: 20), $roads, [self::stop('one', 'a', power: 30)]);
        self::assertStringContainsString('30 minutes of power', $flat->breaks['one'] ?? '');
        $both = [self::stop('one', 'a', litres: 60), self::stop('two', 'b', litres: 60)];
        $apart = RoundRule::of(self::van(tank: 100), $roads, $both);
        self::assertSame(['one', 'two'], array_keys($apart->breaks));
        self::assertStringContainsString('without this one the others hold', $apart->breaks['one'] ?? '');
        self::assertSame([], $apart->calls);
        $three = RoundRule::of(self::van(tank: 100), $roads, [...$both, self::stop('wet', 'b', litres: 90)]);
        self::assertSame(['one', 'two', 'wet'], array_keys($three->breaks));
        self::assertStringContainsString('some of them need another day', $three->breaks['wet'] ?? '');
        self::assertSame(0, RoundRule::of(self::van(), $roads, [])->cost);
    }

    public function testAnOrderThatIsGivenIsKeptAndSaysWhatItCosts(): void
    {
        $roads = self::line(['base' => 0, 'a' => 10, 'b' => 30]);
        $stops = [self::stop('far', 'b', 480, 700), self::stop('near', 'a', 480, 520)];
        $given = RoundRule::of(self::van(), $roads, $stops, true);
        self::assertSame(['far', 'near'], self::order($given));
        self::assertSame(590 - 520, $given->late);
        self::assertStringContainsString('window', $given->breaks['near'] ?? '');
        self::assertSame(['near', 'far'], self::order(RoundRule::of(self::van(), $roads, $stops)));
        $dry = [self::stop('one', 'a', litres: 60), self::stop('two', 'b', litres: 60), self::stop('three', 'a')];
        self::assertSame(['two'], array_keys(RoundRule::of(self::van(tank: 100), $roads, $dry, true)->breaks));
    }

    public function testInTheMiddleOfADayItGoesOnFromWhereItIsWithWhatIsLeft(): void
    {
        $roads = self::line(['base' => 0, 'a' => 10, 'b' => 30]);
        $van = new Van('base', 700, 1020, 100, 100, [new Refill('base', true, false, 15)], 'b', 20.0, 50.0);
        $round = RoundRule::of($van, $roads, [self::stop('one', 'a', litres: 40)]);
        self::assertSame(['base', 'a'], array_map(static fn (Call $c): string => $c->at, $round->calls));
        self::assertSame([730, 60.0, 50.0], [
            $round->calls[0]->arrives, $round->calls[1]->litresLeft, $round->calls[1]->powerLeft,
        ]);
        self::assertSame(30 + 15 + 10 + 10, $round->cost);
    }

    public function testWhoeverDrivesItHasTheirBreak(): void
    {
        $roads = self::line(['base' => 0, 'a' => 20]);
        $van = new Van('base', 700, 1020, 100, 100, [], pauses: [new Pause(750, 780)]);
        // There at 12:00, and not done by 12:30: the dog waits for 13:00, and so does its owner.
        $round = RoundRule::of($van, $roads, [self::stop('one', 'a', 0, 760)]);
        self::assertSame([720, 780, 840, 20, 860], [
            $round->calls[0]->arrives,
            $round->calls[0]->begins,
            $round->calls[0]->ends,
            $round->late,
            $round->back,
        ]);
        // On the way at 12:30: the rest of the way after it.
        $late = new Van('base', 740, 1020, 100, 100, [], pauses: [new Pause(750, 780)]);
        self::assertSame(790, RoundRule::of($late, $roads, [self::stop('one', 'a')])->calls[0]->arrives);
        // Home as the break begins, and two homes at one place are no way.
        self::assertSame(750, $roads->there('base', 'base', 750, $late));
    }

    public function testAFirstCallThatIsOverWithNothingBegunIsSaid(): void
    {
        $at = static fn (int $now): ?string => NotBegunRule::caution('Moss', 555, 585, $now, 1020)?->message;
        self::assertSame([null, null, null], [$at(500), $at(585), $at(1020)]);
        self::assertStringContainsString('Moss was told 09:15', (string) $at(586));
    }

    public function testNothingIsDoneInABreak(): void
    {
        $this->limitTo(200);
        $this->forAll(Generators::choose(0, 1_000_000))->then(static function (int $seed): void {
            mt_srand($seed);
            $first = mt_rand(1, 60);
            $second = $first + mt_rand(11, 60);
            $van = new Van('base', 0, 500, 0, 0, [], pauses: [
                new Pause($first, $first + mt_rand(1, 10)),
                new Pause($second, $second + mt_rand(1, 10)),
            ]);
            [$at, $takes] = [mt_rand(0, 130), mt_rand(1, 40)];
            $rests = static fn (int $minute): bool => [] !== array_filter(
                $van->pauses,
                static fn (Pause $p): bool => $minute >= $p->from && $minute < $p->to,
            );
            [$minute, $left] = [$at, $takes];
            for (; $left > 0; ++$minute) {
                $left -= $rests($minute) ? 0 : 1;
            }
            self::assertSame($minute, $van->done($at, $takes), "seed $seed");
            $begins = $at;
            while ([] !== array_filter(range($begins, $begins + $takes - 1), $rests)) {
                ++$begins;
            }
            self::assertSame($begins, $van->begins($at, $takes), "seed $seed");
        });
    }

    public function testNoOrderThatIsGivenCostsLessThanTheBest(): void
    {
        $this->limitTo(60);
        $this->forAll(Generators::choose(1, 6), Generators::choose(0, 1_000_000))
            ->then(static function (int $many, int $seed): void {
                mt_srand($seed);
                [$van, $roads, $stops] = self::day($many);
                $best = RoundRule::of($van, $roads, $stops);
                $given = RoundRule::of($van, $roads, $stops, true);
                if ([] !== $given->calls) {
                    self::assertSame(array_column($stops, 'id'), self::order($given), "seed $seed");
                    self::assertLessThanOrEqual($given->cost, $best->cost, "seed $seed");
                    self::holds($van, $roads, $stops, $given);
                }
                $order = self::order($best);
                usort($stops, static fn (Stop $a, Stop $b): int => array_search($a->id, $order, true)
                    <=> array_search($b->id, $order, true));
                if ([] !== $order) {
                    self::assertSame($best->cost, RoundRule::of($van, $roads, $stops, true)->cost, "seed $seed");
                }
            });
    }

    public function testItCostsWhatEveryOrderOfAllCostsAtLeast(): void
    {
        $this->limitTo(60);
        $this->forAll(
            Generators::choose(1, 5),
            Generators::choose(0, 1_000_000),
        )->then(static function (int $many, int $seed): void {
            mt_srand($seed);
            [$van, $roads, $stops] = self::day($many);
            $round = RoundRule::of($van, $roads, $stops);
            $least = self::cheapest($van, $roads, $stops);
            self::assertSame($least, [] === $round->calls ? null : $round->cost, "seed $seed");
            self::holds($van, $roads, $stops, $round);
        });
    }

    public function testAStopMoreNeverCostsLess(): void
    {
        $this->limitTo(40);
        $this->forAll(Generators::choose(2, 7), Generators::choose(0, 1_000_000))
            ->then(static function (int $many, int $seed): void {
                mt_srand($seed);
                [$van, $roads, $stops] = self::day($many);
                $all = RoundRule::of($van, $roads, $stops);
                $less = RoundRule::of($van, $roads, \array_slice($stops, 1));
                if ([] !== $all->calls && [] !== $less->calls) {
                    // What is worked at the stop is not counted as cost, but may be time that others wait.
                    self::assertLessThanOrEqual($all->cost + $stops[0]->minutes, $less->cost, "seed $seed");
                }
            });
    }

    public function testTwelveStopsAreSolved(): void
    {
        mt_srand(7);
        [$van, $roads, $stops] = self::day(12);
        $round = RoundRule::of($van, $roads, $stops);
        self::assertCount(12, self::order($round));
        self::holds($van, $roads, $stops, $round);
        $this->expectException(\LogicException::class);
        RoundRule::of($van, $roads, array_fill(0, 13, $stops[0]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a stop off the map' => [['stops' => [['id' => 'x', 'at' => 'moon', 'minutes' => 30]]], 'stops[0].at'];
        yield 'a base off the map' => [['base' => 'moon'], 'base'];
        yield 'a window backwards' => [
            ['stops' => [['id' => 'x', 'at' => 'a', 'minutes' => 30, 'from' => '10:00', 'to' => '09:00']]],
            'stops[0].to',
        ];
        $twice = ['id' => 'x', 'at' => 'a', 'minutes' => 30];
        yield 'twice' => [['stops' => [$twice, $twice]], 'stops[1].id'];
        yield 'a day that ends before it begins' => [['ends' => '07:00'], 'ends'];
        yield 'a break backwards' => [['breaks' => [['from' => '13:00', 'to' => '12:30']]], 'breaks[0].to'];
        yield 'a tank below nothing' => [['tank_litres' => -1], 'tank_litres'];
        yield 'thirteen' => [['stops' => array_fill(0, 13, $twice)], 'stops'];
        yield 'a refill off the map' => [['refills' => [['at' => 'moon', 'minutes' => 5]]], 'refills[0].at'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrong')]
    public function testWhatIsWrongIsNamed(array $change, string $field): void
    {
        $given = json_encode($change + [
            'base' => 'base',
            'starts' => '08:00',
            'ends' => '17:00',
            'tank_litres' => 100,
            'battery_minutes' => 120,
            'roads' => [['ways' => [['from' => 'base', 'to' => 'a', 'minutes' => 10]]]],
            'stops' => [],
        ], \JSON_THROW_ON_ERROR);
        try {
            $in = RoundInput::shape()->read(json_decode($given, false, 32, \JSON_THROW_ON_ERROR), '');
            self::assertInstanceOf(Fields::class, $in);
            RoundInput::of($in);
            self::fail('It was taken.');
        } catch (InvalidInput $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @param list<Refill> $refills */
    private static function van(float $tank = 400, float $battery = 400, array $refills = []): Van
    {
        return new Van('base', 480, 1020, $tank, $battery, $refills);
    }

    private static function stop(
        string $id,
        string $at,
        int $from = 0,
        int $to = 1439,
        float $litres = 0,
        float $power = 0,
    ): Stop {
        return new Stop($id, $at, $from, $to, 60, $litres, $power);
    }

    /** @param array<string, int> $at places along one road, in minutes from its end */
    private static function line(array $at): Roads
    {
        $minutes = [];
        foreach ($at as $from => $a) {
            foreach ($at as $to => $b) {
                $minutes[$from][$to] = abs($a - $b);
            }
        }

        return new Roads([['from' => 0, 'minutes' => $minutes]]);
    }

    /** @return list<string> */
    private static function order(Round $round): array
    {
        return array_values(array_diff(array_map(static fn (Call $c): string => $c->stop, $round->calls), ['']));
    }

    /** @return array{Van, Roads, list<Stop>} */
    private static function day(int $many): array
    {
        $places = ['base' => [0, 0], 'well' => [mt_rand(0, 20), mt_rand(0, 20)]];
        $stops = [];
        for ($n = 0; $n < $many; ++$n) {
            $places["p$n"] = [mt_rand(0, 25), mt_rand(0, 25)];
            $from = mt_rand(0, 2) > 0 ? 0 : mt_rand(480, 900);
            $stops[] = new Stop(
                "s$n",
                "p$n",
                $from,
                mt_rand(0, 2) > 0 ? 1439 : $from + mt_rand(480, 700),
                mt_rand(20, 60),
                mt_rand(0, 50),
                mt_rand(0, 1) * mt_rand(0, 40),
            );
        }
        $tables = [];
        foreach ([0, 600] as $from) {
            $minutes = [];
            foreach ($places as $a => [$x, $y]) {
                foreach ($places as $b => [$u, $v]) {
                    $minutes[$a][$b] = (int) ceil(hypot($x - $u, $y - $v)) + mt_rand(0, 9);
                }
            }
            $tables[] = ['from' => $from, 'minutes' => $minutes];
        }
        $refills = [new Refill('well', true, false, 10), new Refill('base', true, true, 20)];

        $noon = mt_rand(660, 780);
        $pauses = mt_rand(0, 1) > 0 ? [new Pause($noon, $noon + mt_rand(15, 60))] : [];
        [$tank, $battery] = [mt_rand(60, 160), mt_rand(60, 160)];
        $van = new Van('base', 480, 1020, $tank, $battery, $refills, pauses: $pauses);

        return [$van, new Roads($tables), $stops];
    }

    /**
     * Every order, with and without a refill before each stop.
     *
     * @param list<Stop> $stops
     */
    private static function cheapest(Van $van, Roads $roads, array $stops): ?int
    {
        $work = (int) array_sum(array_map(static fn (Stop $s): int => $s->minutes, $stops));

        return self::rest($van, $roads, $stops, $van->base, $van->starts, 0, $van->tank, $van->battery, $work);
    }

    /** @param array<int, Stop> $left */
    private static function rest(
        Van $van,
        Roads $roads,
        array $left,
        string $at,
        int $time,
        int $late,
        float $water,
        float $power,
        int $work,
    ): ?int {
        if ([] === $left) {
            $back = $roads->there($at, $van->base, $time, $van);

            return null === $back
                ? null
                : 10 * $late + 5 * max(0, $back - $van->ends) + $back - $van->starts - $work;
        }
        $best = null;
        foreach ($left as $k => $s) {
            foreach ([null, ...$van->refills] as $r) {
                [$t, $w, $p, $from] = [$time, $water, $power, $at];
                if (null !== $r) {
                    $t = $van->done($roads->there($at, $r->at, $t, $van) ?? 1_000_000, $r->minutes);
                    [$w, $p, $from] = [$r->water ? $van->tank : $w, $r->power ? $van->battery : $p, $r->at];
                }
                $there = $roads->there($from, $s->at, $t, $van);
                if (null === $there || $w < $s->litres || $p < $s->powerMinutes) {
                    continue;
                }
                $begins = $van->begins(max($there, $s->from), $s->minutes);
                $cost = self::rest(
                    $van,
                    $roads,
                    array_diff_key($left, [$k => true]),
                    $s->at,
                    $begins + $s->minutes,
                    $late + max(0, $begins - $s->to),
                    $w - $s->litres,
                    $p - $s->powerMinutes,
                    $work,
                );
                $best = null === $best || null === $cost ? $best ?? $cost : min($best, $cost);
            }
        }

        return $best;
    }

    /**
     * What the round says of itself is so.
     *
     * @param list<Stop> $stops
     */
    private static function holds(Van $van, Roads $roads, array $stops, Round $round): void
    {
        if ([] === $round->calls) {
            self::assertNotSame([], $round->breaks);

            return;
        }
        $by = array_column($stops, null, 'id');
        self::assertCount(\count($stops), array_unique(self::order($round)));
        [$at, $time] = [$van->base, $van->starts];
        foreach ($round->calls as $c) {
            self::assertSame($roads->there($at, $c->at, $time, $van), $c->arrives);
            self::assertGreaterThanOrEqual(0, $c->litresLeft);
            self::assertGreaterThanOrEqual(0, $c->powerLeft);
            if ('' !== $c->stop) {
                $stop = $by[$c->stop];
                self::assertInstanceOf(Stop::class, $stop);
                $begins = $van->begins(max($c->arrives, $stop->from), $stop->minutes);
                self::assertSame($begins, $c->begins);
                self::assertSame(max(0, $c->begins - $stop->to), $c->late);
                self::assertSame($c->late > 0, isset($round->breaks[$c->stop]));
            }
            [$at, $time] = [$c->at, $c->ends];
        }
        self::assertSame($roads->there($at, $van->base, $time, $van), $round->back);
    }
}
