<?php

/** How warm it may be in a van with a dog in it: from when it is cooled, from when nothing is dried and none held. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final class VanHeatRule
{
    public const COLD = 10.0;
    public const WARM = 26.0;
    public const STOP = 30.0;

    private function __construct()
    {
    }

    /** @param float|null $celsius null: nothing is known of it, which is not fine */
    public static function caution(?float $celsius): ?Caution
    {
        return match (true) {
            null === $celsius || !is_finite($celsius) => new Caution('van_heat', Say::it('round.heat_unknown')),
            $celsius >= self::STOP => new Caution('van_heat', Say::it('round.heat_dry', $celsius), Caution::DANGER),
            $celsius >= self::WARM => new Caution('van_heat', Say::it('round.heat_warns', $celsius)),
            $celsius < self::COLD => new Caution('van_heat', Say::it('round.heat_cold', $celsius)),
            default => null,
        };
    }

    /** Whether a dryer may run. */
    public static function dries(?float $celsius): bool
    {
        return null === $celsius || !($celsius >= self::STOP);
    }
}
