<?php

/**
 * How long a visit takes and what it costs: base minutes, what this dog adds, what was learned, and how sure that is.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class MinutesRule
{
    private const NEW_THING = 0.75;
    private const LATE_WEEK = 0.03;
    private const LATE_MOST = 0.3;
    private const SALON_SD = 0.18;
    /** Where four fifths of a normal distribution lie below. */
    private const Z80 = 0.8416212335729143;
    private const SLOT = 5;

    public function estimate(Work $work): Minutes
    {
        $m2 = Surface::m2($work->kg);
        [$clipped, $scissored, $stripped] = $work->shares();
        $phases = [];
        foreach ($work->service->phases() as $phase) {
            $minutes = match ($phase) {
                Phase::Knots => $work->matting,
                Phase::Settle => BaseMinutes::of($phase, $work->coat, $m2, $clipped, $scissored, $stripped) +
                    self::NEW_THING * $work->newThings,
                default => BaseMinutes::of($phase, $work->coat, $m2, $clipped, $scissored, $stripped),
            };
            if ($minutes > 0) {
                $phases[$phase->value] = $minutes;
            }
        }
        $sum = array_sum($phases);
        $handling = self::handlingFactor($work->handling);
        $late = 1 + min(self::LATE_MOST, self::LATE_WEEK * $work->weeksLate);
        $dog = Learned::from($work->dogVisits);
        $groomer = Learned::from($work->groomerVisits);
        $likely = $sum * $handling * $late * $dog->ratio * $groomer->ratio;
        $sd = $dog->sd ?? self::SALON_SD;
        $sure = $likely * exp(self::Z80 * $sd);
        $people = Handling::TwoPerson === $work->handling ? 1.5 : 1.0;
        $reasons = [
            new Reason('surface', round($m2, 3), 'm²', Say::it('timing.0_101_kg_to_the_power', $work->kg)),
            new Reason(
                'base',
                round($sum - $work->matting - self::NEW_THING * $work->newThings, 1),
                'min',
                Say::it('timing.published_table_coat', $work->coat->label(), $work->service->value),
            ),
        ];
        if ($work->matting > 0) {
            $reasons[] = new Reason('matting', round($work->matting, 1), 'min', Say::it('timing.from_the_comb_test'));
        }
        if ($work->newThings > 0) {
            $reasons[] = new Reason(
                'acclimatising',
                round(self::NEW_THING * $work->newThings, 2),
                'min',
                Say::it('timing.min_for_each_of_new_things', self::NEW_THING, $work->newThings),
            );
        }
        $reasons[] = new Reason('handling', $handling, 'factor', str_replace('_', ' ', $work->handling->value));
        if ($work->weeksLate > 0) {
            $reasons[] = new Reason(
                'late',
                round($late, 2),
                'factor',
                Say::it('timing.weeks_past_its_clock_3_each', round($work->weeksLate, 1)),
            );
        }
        $reasons[] = new Reason(
            'this_dog',
            round($dog->ratio, 3),
            'factor',
            0 === $dog->n ? Say::it('timing.nothing_learned_yet') : Say::it('timing.learned_from_visits', $dog->n),
        );
        if ($groomer->n > 0) {
            $reasons[] = new Reason(
                'this_groomer',
                round($groomer->ratio, 3),
                'factor',
                Say::it('timing.learned_from_visits', $groomer->n),
            );
        }
        $reasons[] = new Reason(
            'spread',
            round($sd, 3),
            'sd',
            null === $dog->sd ? Say::it('timing.the_salons_until_five_visits_are') : Say::it('timing.this_dogs_own'),
        );
        $terms = [];
        $price = null;
        if (null !== $work->rate) {
            $terms = [
                [
                    'label' => Say::it('timing.min', round($likely, 1), number_format($work->rate / 100, 2)),
                    'minor' => (int) round($likely * $work->rate),
                ],
                ...$work->fees,
            ];
            $price = array_sum(array_column($terms, 'minor'));
        }

        return new Minutes(
            $phases,
            $likely,
            $sure,
            (int) (self::SLOT * ceil(round($sure / self::SLOT, 9))),
            $likely * $people,
            $price,
            $terms,
            $reasons,
        );
    }

    private static function handlingFactor(Handling $handling): float
    {
        return match ($handling) {
            Handling::Calm, Handling::TwoPerson => 1.0,
            Handling::Fidgety => 1.25,
            Handling::Painful, Handling::Frightened => 1.5,
        };
    }
}
