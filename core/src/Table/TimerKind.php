<?php

/** The timers that matter at the table, how long each runs, and what it guards against. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

enum TimerKind: string
{
    case Clipping = 'clipping';
    case Dwell = 'dwell';
    case Drying = 'drying';
    case Rest = 'rest';
    case Acclimatising = 'acclimatising';
    case Undercoat = 'undercoat';

    public function label(): string
    {
        return match ($this) {
            self::Clipping => 'clipper running',
            self::Dwell => 'shampoo on',
            self::Drying => 'drying',
            self::Rest => 'rest',
            self::Acclimatising => 'getting used to it',
            self::Undercoat => 'undercoat',
        };
    }

    /** Seconds it runs, or between two looks; null: no end of its own. */
    public function seconds(): ?int
    {
        return match ($this) {
            self::Clipping => null,
            self::Dwell => 300,
            self::Drying => 300,
            self::Rest => 180,
            self::Acclimatising => 45,
            self::Undercoat => 600,
        };
    }

    /** What is said when its time is up. */
    public function due(): string
    {
        return match ($this) {
            self::Clipping => 'Feel the blade on the back of your hand now.',
            self::Dwell => 'Time is up: rinse until the water runs clear.',
            self::Drying => 'Look at the dog now: breathing, gums, ears, warmth under the hand.',
            self::Rest => 'Rest is over; go on only if it is calm.',
            self::Acclimatising => 'Half a minute and more has passed: go on if it is calm, else a step back.',
            self::Undercoat => 'The time for the undercoat is up: stop here.',
        };
    }

    public function caution(): string
    {
        return match ($this) {
            self::Clipping => 'A blade gets hot while it runs: skin burns before you see it.',
            self::Dwell => 'As long as the shampoo\'s own label says; off at once at redness.',
            self::Drying => 'Never unattended with heat; panting, drooling or restless: stop and cool.',
            self::Rest => 'Never left alone on the table or in the loop.',
            self::Acclimatising => 'Never forced: fear now is longer work next time.',
            self::Undercoat => 'Raking on past its time reddens the skin and takes the coat it needs.',
        };
    }
}
