<?php

/** Which pattern a dog follows. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;

final readonly class FollowView
{
    /** @param list<string> $own */
    public function __construct(
        #[Says('null: none')] public ?string $pattern,
        public ?string $name,
        public ?int $taken,
        #[Says('the pattern has changed since')] public bool $behind,
        #[Says('zones in which this dog goes its own way')] public array $own,
        #[Says('of the dog\'s plan')] public int $revision,
    ) {
    }
}
