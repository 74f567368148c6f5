<?php

/** The clocks that do not depend on the trim: hygiene, bath, undercoat, strip. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class CareClocks
{
    public const BATH_LONGEST = 8.0;
    private const HAIRLESS_LONGEST = 3.0;
    private const BATH_APART = 3.0;
    private const MONTHLY_APART = 4.0;

    /** @return list<Clock> only those for which the dog has what they need */
    public function of(Facts $facts): array
    {
        $clocks = [];
        $coat = $facts->growth->coat;
        if ($coat->growsAtTheRear()) {
            $clocks[] = $this->hygiene($facts, 'sanitary', 5.0, Say::it('interval.close_work_grows_back'));
        }
        if ($coat->growsAtTheRear() || CoatType::ShortDouble === $coat) {
            $soon = $facts->hardFloor || CoatStage::Senior === $facts->stage;
            $clocks[] = $this->hygiene(
                $facts,
                'pads',
                $soon ? 3.5 : 5.0,
                $soon ? Say::it('interval.hard_floors_or_a_senior_slips') : Say::it('interval.hair_between_the_pads'),
            );
        }
        if ($facts->growsIntoTheEyes()) {
            $clocks[] = $this->hygiene($facts, 'eyes', 4.0, Say::it('interval.hair_grows_toward_the_eyes'));
        }
        $clocks[] = $this->hygiene($facts, 'nails', $facts->ground->nailWeeks(), $facts->ground->value.' ground');
        if ($facts->dewclaws > 0) {
            $clocks[] = $this->hygiene($facts, 'dewclaws', 4.0, Say::it('interval.nothing_wears_them'));
        }
        $open = $facts->openEars || \in_array($coat, [CoatType::Smooth, CoatType::ShortDouble], true);
        $clocks[] = $this->hygiene($facts, 'ears', $open ? 8.0 : 5.0, Say::it('interval.looked_at_at_every_visit'));
        $clocks[] = $this->bath($facts);
        if ($coat->isDouble()) {
            $month = $facts->month ?? (null === $facts->from ? null : (int) $facts->from->format('n'));
            $shedding = null !== $month && $facts->season->isShedding($month);
            $clocks[] = new Clock('undercoat', $shedding ? 8.0 : 12.0, [
                new Reason(
                    'undercoat',
                    $shedding ? 8.0 : 12.0,
                    'weeks',
                    $shedding
                        ? Say::it('interval.shedding_months_let_it_go')
                        : Say::it('interval.outside_the_shedding_months_the_coat'),
                ),
            ]);
        }
        if (CoatType::Wire === $coat && $facts->handStripped) {
            $weeks = $facts->nextInstalmentWeeks ?? StripMap::WEEKS;
            $clocks[] = new Clock('strip', $weeks, [
                new Reason(
                    'strip',
                    $weeks,
                    'weeks',
                    null === $facts->nextInstalmentWeeks
                        ? Say::it('interval.a_hand_stripped_wire')
                        : Say::it('interval.the_next_instalment'),
                ),
            ]);
        }

        return $clocks;
    }

    private function hygiene(Facts $facts, string $name, float $weeks, string $why): Clock
    {
        $reasons = [new Reason($name, $weeks, 'weeks', $why)];
        foreach ($facts->history as $past) {
            if (isset($past->found[$name])) {
                $weeks = ($weeks + $past->found[$name]) / 2;
                $reasons[] = new Reason(
                    'learned',
                    $past->found[$name],
                    'weeks',
                    Say::it('interval.found_due_then_at_arrival_halfway'),
                    $past->visit,
                );
            }
            [$seen, $since] = $past->seen[$name] ?? [null, 0.0];
            $says = $seen?->says($since, $weeks);
            if (null !== $says) {
                $weeks = ($weeks + $says) / 2;
                $reasons[] = new Reason(
                    'learned',
                    round($since, 1),
                    'weeks',
                    match ($seen) {
                        Seen::NotYet => Say::it('interval.seen_not_yet'),
                        Seen::Just => Say::it('interval.seen_just'),
                        default => Say::it('interval.seen_overdue'),
                    },
                    $past->visit,
                );
            }
        }

        return new Clock($name, $weeks, $reasons);
    }

    /** The fewest weeks between two baths with shampoo. */
    public static function apart(Facts $facts): float
    {
        return match (true) {
            $facts->soiled => 0.0,
            CoatType::Hairless === $facts->growth->coat => 1.0,
            $facts->bathMonthly => self::MONTHLY_APART,
            default => self::BATH_APART,
        };
    }

    private function bath(Facts $facts): Clock
    {
        $longest = CoatType::Hairless === $facts->growth->coat ? self::HAIRLESS_LONGEST : self::BATH_LONGEST;

        return new Clock('bath', $longest, [
            new Reason('bath', $longest, 'weeks', Say::it('interval.at_most_this_long')),
            new Reason(
                'bath_apart',
                self::apart($facts),
                'weeks',
                $facts->soiled
                    ? Say::it('interval.soiled_as_soon_as_needed')
                    : Say::it('interval.at_least_this_far_apart_unless'),
            ),
        ]);
    }
}
