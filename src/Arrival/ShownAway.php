<?php

/** What an owner was shown, and signed, on a device that had no signal: looked up in tables that it had been given. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Matting\Mat;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class ShownAway
{
    /** @param list<ShownMat> $zones */
    public function __construct(
        #[ListOf(ShownMat::class, 0, 80), Says('mats as they had been found by then')] public array $zones,
        #[Whole(0, 1440), Says('minutes that were shown')] public int $minutes,
        #[Whole(0, 100_000_000), Says('the price that was shown; null: none was')] public ?int $price_minor = null,
    ) {
    }

    /** @return list<Mat> */
    public function mats(): array
    {
        return array_map(static fn (ShownMat $m): Mat => $m->mat(), $this->zones);
    }
}
