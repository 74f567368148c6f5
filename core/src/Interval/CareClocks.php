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
    private const BATH_APART = 3.0;

    /** @return list<Clock> only those for which the dog has what they need */
    public function of(Facts $facts): array
    {
        $clocks = [];
        $coat = $facts->growth->coat;
        if (CoatType::Hairless !== $coat) {
            $clocks[] = $this->hygiene($facts, 'sanitary', 5.0, Say::it('interval.close_work_grows_back'));
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
        $clocks[] = $this->hygiene($facts, 'ears', 5.0, Say::it('interval.look_and_wipe_what_is_visible'));
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
            $weeks = $facts->nextInstalmentWeeks ?? 10.0;
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
        }

        return new Clock($name, $weeks, $reasons);
    }

    private function bath(Facts $facts): Clock
    {
        $apart = CoatType::Hairless === $facts->growth->coat ? 1.0 : self::BATH_APART;

        return new Clock('bath', self::BATH_LONGEST, [
            new Reason('bath', self::BATH_LONGEST, 'weeks', Say::it('interval.at_most_this_long')),
            $facts->soiled
                ? new Reason('bath_apart', 0, 'weeks', Say::it('interval.soiled_as_soon_as_needed'))
                : new Reason('bath_apart', $apart, 'weeks', Say::it('interval.at_least_this_far_apart_unless')),
        ]);
    }
}
