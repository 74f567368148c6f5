<?php

/** The timers that matter at the table, how long each runs, and what it guards against. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Say\Say;

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
            self::Clipping => Say::it('table.clipper_running'),
            self::Dwell => Say::it('table.shampoo_on'),
            self::Drying => Say::it('table.drying'),
            self::Rest => Say::it('table.rest'),
            self::Acclimatising => Say::it('table.getting_used_to_it'),
            self::Undercoat => Say::it('table.undercoat'),
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
            self::Clipping => Say::it('table.feel_the_blade_on_the_back'),
            self::Dwell => Say::it('table.time_is_up_rinse_until_the'),
            self::Drying => Say::it('table.look_at_the_dog_now_breathing'),
            self::Rest => Say::it('table.rest_is_over_go_on_only'),
            self::Acclimatising => Say::it('table.half_a_minute_and_more_has'),
            self::Undercoat => Say::it('table.the_time_for_the_undercoat_is'),
        };
    }

    public function caution(): string
    {
        return match ($this) {
            self::Clipping => Say::it('table.a_blade_gets_hot_while_it'),
            self::Dwell => Say::it('table.as_long_as_the_shampoos_own'),
            self::Drying => Say::it('table.never_unattended_with_heat_panting_drooling'),
            self::Rest => Say::it('table.never_left_alone_on_the_table'),
            self::Acclimatising => Say::it('table.never_forced_fear_now_is_longer'),
            self::Undercoat => Say::it('table.raking_on_past_its_time_reddens'),
        };
    }
}
