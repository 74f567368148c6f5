<?php

/** What can be said on the phone. A response record. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class QuoteView
{
    /**
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     */
    public function __construct(
        public int $from_minutes,
        public int $to_minutes,
        public ?int $from_minor,
        public ?int $to_minor,
        #[Says('the same in one line, to keep with the dog')] public string $words,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Gives('list<CautionView>')] public array $warnings,
    ) {
    }
}
