<?php

/** What an erasure of a home takes, what stays and why, and what stands in its way. A response record. */

declare(strict_types=1);

namespace KeenThistle\Privacy;

use KeenThistle\Input\Says;

final readonly class ErasureView
{
    /**
     * @param list<string> $goes
     * @param list<array{what: string, why: string}> $stays
     * @param list<string> $first
     */
    public function __construct(
        public string $home,
        #[Says('what is erased, in words')] public array $goes,
        public array $stays,
        #[Says('what is to be done before; empty: nothing stands in its way')] public array $first,
    ) {
    }
}
