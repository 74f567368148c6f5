<?php

/** What a dog takes of the van's own water and power: litres of washing and rinsing, minutes of pump and dryer. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Wash\MixRule;

final class TakesRule
{
    /** Litres of water that wet and rinse what a litre of mixed shampoo has washed. */
    private const RINSE = 45.0;
    /** For hands, towels and tools, at every dog. */
    public const HANDS = 2.0;
    /** Minutes by phase where nobody has weighed the dog. */
    public const UNKNOWN_PHASES = ['bath' => 15.0, 'dry' => 20.0];
    /** Where nobody has weighed the dog: what one of 20 kg with a full coat takes. */
    private const UNKNOWN_KG = 20.0;

    private function __construct()
    {
    }

    /**
     * @param float|null $kg null: nobody has weighed it
     * @param array<string, float> $phases minutes by phase, as the minutes rule gives them; without a bath only hands
     *
     * @return float whole litres, rounded up
     */
    public static function litres(?float $kg, CoatType $coat, array $phases): float
    {
        if (($phases[Phase::Bath->value] ?? 0.0) <= 0.0) {
            return self::HANDS;
        }
        $mixed = Surface::m2($kg ?? self::UNKNOWN_KG) * MixRule::litresPerM2($coat);

        return ceil(self::HANDS + $mixed * (1 + self::RINSE));
    }

    /**
     * @param array<string, float> $phases minutes by phase
     *
     * @return float whole minutes of pump and dryer, rounded up
     */
    public static function powerMinutes(array $phases): float
    {
        return ceil(($phases[Phase::Bath->value] ?? 0.0) + ($phases[Phase::Dry->value] ?? 0.0));
    }
}
