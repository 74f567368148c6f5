<?php

/**
 * What a dog's coat will be like in the weeks to come: sampled once here, so that a slider only draws between the
 * samples.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Outlook;

use KeenThistle\Core\Interval\Clock;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\MatClock;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Matting\UsualPlaces;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

/**
 * Source: rules.md §4 and §8; the band is the growth's, four dogs of five lie in it. Where mats come first, and at
 * what share of the salon's limit, are starting points of our own.
 */
final readonly class OutlookRule
{
    /** Four of five lie within this many standard deviations. */
    private const BAND = 1.2816;
    private const LONGEST = 52;
    /** share of the salon's limit => severity that is likely then in the places that knot first */
    private const SEVERITY = [[0.33, 1], [1.0, 2], [2.0, 3]];

    /**
     * @param int $weeks 1 to 52
     * @param list<string> $found zones where earlier arrivals found mats: they come before the usual places
     * @param list<string> $has zones this dog has hair on; the usual places outside are left out. None: all
     * @param float $elapsed weeks since the groom that the facts tell of: load and clocks count from there
     * @param list<ZoneLeft>|null $carried what each zone carries after them; null: as the groom left it
     */
    public function ahead(
        Facts $facts,
        int $weeks = 26,
        array $found = [],
        array $has = [],
        float $elapsed = 0.0,
        ?array $carried = null,
    ): Outlook {
        $start = $facts->from?->add(new \DateInterval('P'.max(0, (int) round($elapsed * 7)).'D'));
        $at = range(0.0, (float) max(1, min(self::LONGEST, $weeks)), 0.5);
        $mats = new MatClock($facts);
        $zones = [];
        foreach ($carried ?? $facts->zones as $z) {
            if (null !== $z->finished) {
                $curve = ['mm' => [], 'low' => [], 'high' => []];
                foreach (['mm' => 0.0, 'low' => -self::BAND, 'high' => self::BAND] as $edge => $sds) {
                    $growth = $facts->growth->withMean(max(0.0, $facts->growth->mmPerWeek + $sds * $facts->growth->sd));
                    foreach ($at as $w) {
                        $curve[$edge][] = $growth
                            ->after($z->finished, $w, $facts->stage, $start, $facts->season)
                            ->rounded();
                    }
                }
                $zones[$z->zone->id] = $curve;
            }
        }
        $load = array_map(static fn (float $w): float => round($mats->load($elapsed + $w), 1), $at);

        return new Outlook(
            $at,
            $zones,
            $load,
            self::mats($at, $load, $facts->matLimit, self::places($found, $has)),
            array_map(
                static fn (Clock $c): Clock => new Clock(
                    $c->name,
                    $c->weeks - ($facts->since[$c->name] ?? $elapsed),
                    $c->reasons,
                ),
                (new IntervalRule())->next($facts)->clocks,
            ),
            [
                new Reason(
                    'growth',
                    round($facts->growth->mmPerWeek, 2),
                    'mm/week',
                    0 === $facts->growth->n
                        ? Say::it('outlook.usual_for_this_coat')
                        : Say::it('outlook.learned_from_visits', $facts->growth->n),
                ),
                new Reason(
                    'band',
                    round(self::BAND * $facts->growth->sd, 2),
                    'mm/week',
                    Say::it('outlook.either_way_four_of_five_lie'),
                ),
                new Reason('limit', $facts->matLimit, 'load', Say::it('outlook.the_salons_limit_a_third_of')),
            ],
        );
    }

    /**
     * @param list<float> $at
     * @param list<float> $load
     * @param list<string> $places
     *
     * @return list<array{week: float, zone: string, severity: int}>
     */
    private static function mats(array $at, array $load, float $limit, array $places): array
    {
        $out = [];
        foreach (self::SEVERITY as [$share, $severity]) {
            foreach ($at as $i => $week) {
                if ($load[$i] > 0 && $load[$i] >= $share * $limit) {
                    foreach ($places as $zone) {
                        $out[] = ['week' => $week, 'zone' => $zone, 'severity' => $severity];
                    }
                    break;
                }
            }
        }

        return $out;
    }

    /**
     * @param list<string> $found
     * @param list<string> $has
     *
     * @return list<string>
     */
    private static function places(array $found, array $has): array
    {
        $usual = [] === $has ? UsualPlaces::ORDER : array_values(array_intersect(UsualPlaces::ORDER, $has));
        $places = array_values(array_unique([...$found, ...\array_slice($usual, 0, 8)]));

        return array_map(static fn (string $zone): string => Zone::of($zone)->id, $places);
    }
}
