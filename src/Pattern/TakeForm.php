<?php

/** Which zones of a pattern a dog takes over. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;

final readonly class TakeForm
{
    /** @param list<string> $zones */
    public function __construct(
        #[Text(1, 36)] public string $pattern,
        #[ListOf(new Shaped([Zone::class, 'shape']), 0, 90)]
        #[Says('zones that are taken over; in the others the dog goes its own way')]
        public array $zones,
        #[Says('the owner has agreed to what the coat may not get by default')] public bool $agreed = false,
    ) {
    }
}
