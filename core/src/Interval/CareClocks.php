<?php

/** The clocks that do not depend on the trim: hygiene, bath, undercoat, strip. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Reason\Reason;

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
            $clocks[] = $this->hygiene($facts, 'sanitary', 5.0, 'close work grows back');
            $soon = $facts->hardFloor || CoatStage::Senior === $facts->stage;
            $clocks[] = $this->hygiene(
                $facts,
                'pads',
                $soon ? 3.5 : 5.0,
                $soon ? 'hard floors or a senior: slips sooner' : 'hair between the pads',
            );
        }
        if ($facts->growsIntoTheEyes()) {
            $clocks[] = $this->hygiene($facts, 'eyes', 4.0, 'hair grows toward the eyes');
        }
        $clocks[] = $this->hygiene($facts, 'nails', $facts->ground->nailWeeks(), $facts->ground->value.' ground');
        if ($facts->dewclaws > 0) {
            $clocks[] = $this->hygiene($facts, 'dewclaws', 4.0, 'nothing wears them');
        }
        $clocks[] = $this->hygiene($facts, 'ears', 5.0, 'look and wipe what is visible');
        $clocks[] = $this->bath($facts);
        if ($coat->isDouble()) {
            $month = $facts->month ?? (null === $facts->from ? null : (int) $facts->from->format('n'));
            $shedding = null !== $month && $facts->season->isShedding($month);
            $clocks[] = new Clock('undercoat', $shedding ? 8.0 : 12.0, [
                new Reason(
                    'undercoat',
                    $shedding ? 8.0 : 12.0,
                    'weeks',
                    $shedding ? 'shedding months: let it go' : 'outside the shedding months: the coat is being kept',
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
                    null === $facts->nextInstalmentWeeks ? 'a hand-stripped wire' : 'the next instalment',
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
                    'found due then at arrival: halfway towards it',
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
            new Reason('bath', self::BATH_LONGEST, 'weeks', 'at most this long'),
            $facts->soiled
                ? new Reason('bath_apart', 0, 'weeks', 'soiled: as soon as needed')
                : new Reason('bath_apart', $apart, 'weeks', 'at least this far apart unless soiled'),
        ]);
    }
}
