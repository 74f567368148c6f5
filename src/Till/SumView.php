<?php

/** What a bill comes to while it is typed. A response record. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Says;

final readonly class SumView
{
    /** @param list<array{percent: float, gross: int, tax: int}> $taxes */
    public function __construct(
        public int $total_minor,
        public int $missing_minor,
        public int $change_minor,
        #[Says('more than is asked for, and not out of cash')] public int $over_minor,
        public array $taxes,
    ) {
    }
}
