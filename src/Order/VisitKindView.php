<?php

/** What a visit of one kind is for this dog: how long, how much, which zones it is about. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

use KeenThistle\Input\Says;

final readonly class VisitKindView
{
    /** @param list<string> $zones */
    public function __construct(
        #[Says('full, bath, tidy or nails')] public string $kind,
        public string $label,
        #[Says('half of such visits are done in; null: nobody weighed the dog')] public ?float $minutes,
        #[Says('to book')] public ?int $allow,
        public ?int $price_minor,
        #[Says('planned zones that it is about')] public array $zones,
        #[Says('on how many days it is offered')] public int $days,
    ) {
    }
}
