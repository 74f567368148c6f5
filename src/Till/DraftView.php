<?php

/** What somebody is about to pay. A response record. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Says;

final readonly class DraftView
{
    /**
     * @param list<array{label: string, minor: int}> $lines
     * @param list<array{label: string, minor: int}> $terms
     */
    public function __construct(
        public ?string $dog,
        public string $name,
        public string $owner,
        public array $lines,
        #[Says('what the price of the work is made of')] public array $terms,
        public int $due_minor,
        #[Says('whether a deposit is taken for it')] public bool $takes_deposit,
        #[Says('that is held for it')] public int $deposit_minor,
    ) {
    }
}
