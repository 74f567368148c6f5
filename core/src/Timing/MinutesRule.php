<?php

/**
 * How long a visit takes and what it costs: base minutes, what this dog adds, what was learned, and how sure that is.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\InvalidInput;
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

    /** @throws InvalidInput where fees take off more than the visit costs */
    public function estimate(Work $work): Minutes
    {
        $m2 = Surface::m2($work->kg);
        $phases = [];
        $closeWork = $work->coat->growsAtTheRear() || $work->coat->growsOverTheFace();
        foreach ($work->service->phases($closeWork) as $phase) {
            $minutes =
                BaseMinutes::of($phase, $work, $m2) +
                (Phase::Settle === $phase ? self::NEW_THING * $work->newThings : 0.0);
            if ($minutes > 0) {
                $phases[$phase->value] = $minutes;
            }
        }
        $sum = array_sum($phases);
        $handling = self::handlingFactor($work->handling);
        $late = 1 + min(self::LATE_MOST, self::LATE_WEEK * $work->weeksLate);
        $dog = Learned::from($work->dogVisits, $work->service);
        $groomer = Learned::from($work->groomerVisits, $work->service);
        $likely = $sum * $handling * $late * $dog->ratio * $groomer->ratio;
        $sd = $dog->sd ?? self::SALON_SD;
        $sure = $likely * exp(self::Z80 * $sd) + $work->extraMinutes;
        $people = Handling::TwoPerson === $work->handling ? 1.5 : 1.0;
        $reasons = [
            new Reason('surface', round($m2, 3), 'm²', Say::it('timing.0_101_kg_to_the_power', $work->kg)),
            new Reason(
                'base',
                round($sum - ($phases['knots'] ?? 0.0) - self::NEW_THING * $work->newThings, 1),
                'min',
                Say::it('timing.published_table_coat', $work->coat->label(), $work->service->value),
            ),
        ];
        if (isset($phases['knots'])) {
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
        if (isset($phases['dry']) && (DryWay::Forced !== $work->dryWay || null !== $work->meanMm)) {
            $reasons[] = new Reason('drying', round($work->dryFactor(), 2), 'factor', $work->dryWay->words());
        }
        if ($work->extraMinutes > 0) {
            $reasons[] = new Reason('extras', $work->extraMinutes, 'min', Say::it('timing.paid_by_itself'));
        }
        // What dries by itself takes its hours, but nobody's.
        $alone = $work->dryWay->takesAPerson() || $sum <= 0 ? 0.0 : ($likely * ($phases['dry'] ?? 0.0)) / $sum;
        $price = Price::of($work, $likely - $alone, $phases['knots'] ?? 0.0);

        return new Minutes(
            $phases,
            $likely + $work->extraMinutes,
            $sure,
            (int) (self::SLOT * ceil(round($sure / self::SLOT, 9))),
            ($likely - $alone) * $people + $work->extraMinutes,
            $price->total,
            $price->terms,
            $price->tax,
            $reasons,
            self::questions($dog, $groomer),
            CoatType::Corded === $work->coat && isset($phases['dry']) ? 2 : 1,
            $work->extraMinutes,
        );
    }

    /** @return list<array{field: string, message: string}> visits that were left out */
    private static function questions(Learned $dog, Learned $groomer): array
    {
        $out = [];
        foreach (['visits' => $dog, 'groomer_visits' => $groomer] as $field => $learned) {
            foreach ($learned->asked as $i) {
                $out[] = ['field' => "{$field}[$i].actual", 'message' => Say::it('timing.a_forgotten_timer')];
            }
        }

        return $out;
    }

    public static function handlingFactor(Handling $handling): float
    {
        return match ($handling) {
            Handling::Calm, Handling::TwoPerson => 1.0,
            Handling::Fidgety => 1.25,
            Handling::Painful, Handling::Frightened => 1.5,
        };
    }
}
