<?php

/** A visit for mats alone, where a coat is saved over several: how long it takes and what it costs. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;

final readonly class KnotsVisit
{
    /** Settling, check and notes come with every visit. */
    private const AROUND = 11.0;

    private function __construct(public float $minutes, public ?int $price)
    {
    }

    /**
     * @param float $matting minutes on mats
     */
    public static function of(
        float $kg,
        CoatType $coat,
        Handling $handling,
        float $matting,
        Charges $charges,
    ): self {
        $minutes = (self::AROUND + $matting) * MinutesRule::handlingFactor($handling);
        $work = new Work($kg, $coat, $handling, matting: $matting, charges: $charges->withoutLeast());

        return new self($minutes, Price::of($work, $minutes, $matting)->total);
    }
}
