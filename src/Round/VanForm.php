<?php

/** What a van holds and how its day goes. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class VanForm
{
    /** @param list<RefillForm> $refills */
    public function __construct(
        #[Line(1, 40), Says('where its day begins and ends, an id on the road map')] public string $base,
        #[Number(0, 1000, 'l'), Says('litres of its tank; 0: it takes water from homes alone')] public float $tank,
        #[Number(0, 1440, 'min'), Says('minutes that pump and dryer run from its battery')] public float $battery,
        #[Whole(0, 240), Says('minutes before the time told at which it may come')] public int $early = 15,
        #[Whole(0, 240), Says('minutes after it')] public int $late = 30,
        #[ListOf(RefillForm::class, 0, 6)] public array $refills = [],
    ) {
    }
}
