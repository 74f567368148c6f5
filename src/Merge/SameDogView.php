<?php

/** Records that may be the same dog, and those that were made one with it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Input\Says;

final readonly class SameDogView
{
    /**
     * @param list<array{id: string, name: string, breed: string, owner: string, phone: string, visits: int,
     *     why: list<string>}> $likely
     * @param list<array{id: string, name: string, at: string, who: string}> $merged
     */
    public function __construct(
        #[Says('the likeliest first')] public array $likely,
        #[Says('the other records of this one, newest first')] public array $merged,
    ) {
    }
}
