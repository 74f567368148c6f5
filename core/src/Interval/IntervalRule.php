<?php

/** When the dog should be back: every clock with its reasons, and what follows from them. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Keep\Home;
use KeenThistle\Core\Keep\KeepableRule;
use KeenThistle\Core\Matting\Limits;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class IntervalRule
{
    /** Below this visits alone cannot keep a coat. */
    private const TOO_SOON = 3.0;
    /** For which it is said what could be kept instead. */
    private const USUAL_WEEKS = 4;

    /** @param int|null $wish weeks the owner would like, 1 to 52 */
    public function next(Facts $facts, ?int $wish = null): Interval
    {
        $mats = new MatClock($facts);
        $mat = $mats->clock();
        $clocks = array_values(array_filter([(new ShapeClock())->of($facts), $mat, ...(new CareClocks())->of($facts)]));
        $visits = Recommended::of($clocks, $facts->growth->coat);
        $combOut = null !== $mat && null !== $visits->bath && self::isCombOut($facts, $visits, $mat);

        return new Interval(
            $visits,
            Next::of($visits, $facts),
            $combOut,
            FringeReach::weeks($facts),
            self::reasons($visits),
            self::advice($mat, $combOut, $facts, $mats->multiplier),
            null === $wish ? null : $this->answer($facts, $mats, $clocks, $wish),
        );
    }

    /** Mats ask for a bath sooner than baths may come: that visit is combed through, without shampoo. */
    private static function isCombOut(Facts $facts, Recommended $visits, Clock $mat): bool
    {
        return !$visits->matDecidesFull
            && $visits->bath === max(1, $mat->wholeWeeks())
            && $visits->bath < CareClocks::apart($facts);
    }

    /** @return list<Reason> */
    private static function reasons(Recommended $visits): array
    {
        $leading = $visits->leading;
        if (null === $leading) {
            return [
                new Reason(
                    'no_coat_clock',
                    $visits->binding->weeks ?? 0.0,
                    'weeks',
                    Say::it('interval.nothing_asks_for_a_full_groom', $visits->binding->name ?? 'bath'),
                ),
            ];
        }
        $out = [
            new Reason(
                $leading->name,
                round($leading->weeks, 1),
                'weeks',
                $visits->matDecidesFull
                    ? Say::it('interval.mats_come_shortly_before_the_outline')
                    : Say::it('interval.the_earlier_of_shape_and_strip'),
            ),
        ];
        if ($visits->full === $leading->wholeWeeks()) {
            return $out;
        }
        $out[] =
            Recommended::SOONEST === $visits->full
                ? new Reason('soonest', Recommended::SOONEST, 'weeks', Say::it('interval.not_sooner_than_this'))
                : new Reason('latest', Recommended::LATEST, 'weeks', Say::it('interval.not_later_than_this'));

        return $out;
    }

    /** @return list<Caution> */
    private static function advice(?Clock $mat, bool $combOut, Facts $facts, float $learned): array
    {
        $out = [];
        if (null !== $mat && $mat->weeks < self::TOO_SOON) {
            $out[] = new Caution(
                'visits_cannot_keep_this_coat',
                Say::it('interval.visits_alone_cannot_keep_this_coat', self::keepable($facts, $learned)),
            );
        }
        if ($combOut) {
            $out[] = new Caution('comb_out_only', Say::it('interval.combed_through_without_shampoo'), Caution::NOTE);
        }

        return $out;
    }

    /** What this home could keep, as it combs and with one step more. */
    private static function keepable(Facts $facts, float $learned): string
    {
        $home = new Home(
            $facts->growth->coat,
            $facts->stage,
            $facts->upkeep,
            $learned,
            $facts->growth->speed($facts->stage),
            $facts->matLimit,
        );
        $said = [KeepableRule::buys($home, self::USUAL_WEEKS)];
        for ($more = KeepableRule::more($home->upkeep); null !== $more; $more = KeepableRule::more($more)) {
            $better = $home->with($more);
            if (0 !== $better->longest(self::USUAL_WEEKS)) {
                $said[] = KeepableRule::buys($better, self::USUAL_WEEKS);
                break;
            }
        }

        return implode('; ', $said);
    }

    /** @param list<Clock> $clocks */
    private function answer(Facts $facts, MatClock $mats, array $clocks, int $wish): WishAnswer
    {
        $breaks = [];
        foreach ($clocks as $clock) {
            if ('ears' !== $clock->name && $wish > $clock->wholeWeeks()) {
                $breaks[] = [
                    'clock' => $clock->name,
                    'weeks' => round($clock->weeks, 1),
                    'over_by_weeks' => round($wish - $clock->weeks, 1),
                ];
            }
        }
        $mean = $facts->bodyMeanMm();
        $growth =
            null === $facts->month
                ? $facts->growth
                : $facts->growth->withFactor($facts->season->growthFactor($facts->month));
        $length =
            null === $mean
                ? null
                : $growth->after(Length::ofMillimetres($mean), $wish, $facts->stage, $facts->from, $facts->season);
        $load = $mats->load($wish);
        $minutes = null === $facts->kg ? null : self::mattingMinutes($load, $facts);
        $fee =
            null === $minutes || null === $facts->matRate
                ? null
                : (int) round(max(0.0, $minutes - MattingRule::FREE_MINUTES) * $facts->matRate);
        $reasons = [
            new Reason(
                'expected_load',
                round($load, 1),
                'load',
                Say::it('interval.after_weeks_with_this_upkeep_the', $wish, $facts->matLimit),
            ),
        ];
        if (null !== $minutes) {
            $reasons[] = new Reason(
                'matting_minutes',
                round($minutes, 1),
                'min',
                Say::it('interval.up_to_load_as_tangles_the', $facts->matLimit, round(self::bears($facts), 1)),
            );
        }

        return new WishAnswer($wish, $breaks, $length, $load, $minutes, $fee, $reasons);
    }

    /** The load spread over the body: what working it out would take, and from the welfare limit on, clipping under. */
    private static function mattingMinutes(float $load, Facts $facts): float
    {
        $cm2 = Surface::cm2($facts->kg ?? 0.0);
        $tangles = (($cm2 * min($load, $facts->matLimit)) / 100) * 4;
        $mats = ((($cm2 * max(0.0, $load - $facts->matLimit)) / 100) * 4) / 2;
        $work = (min($tangles, $cm2) * Mat::WORK[1] + min($mats, $cm2) * Mat::WORK[2]) / 60;
        $limit = self::bears($facts);

        return $work <= $limit ? $work : min($work, $limit + (($work - $limit) * Mat::CLIP_UNDER) / Mat::WORK[2]);
    }

    /** Minutes of working out that this dog bears in a visit. */
    private static function bears(Facts $facts): float
    {
        return Limits::VISIT_MINUTES *
            Limits::size(Surface::cm2($facts->kg ?? 0.0)) *
            $facts->handling->toleranceFactor();
    }
}
