<?php

/** What a price list would do to what is booked. A response record. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class EffectView
{
    private const VISIT =
        'list<array{booking: string, dog: string, name: string, day: string, time: string, kind: string, '.
        'before_minor: int|null, after_minor: int|null}>';

    /** @param list<array<string, mixed>> $visits */
    public function __construct(
        #[Says('the first hundred that change in price, soonest first')] #[Gives(self::VISIT)] public array $visits,
        #[Says('booked while these prices hold')] public int $booked,
        #[Says('of them, those whose price changes')] public int $changed,
        #[Says('of them, those nobody has weighed the dog for')] public int $unknown,
        public int $before_minor,
        public int $after_minor,
    ) {
    }
}
