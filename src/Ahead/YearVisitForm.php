<?php

/** A visit that is meant. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Input\Choice;
use KeenThistle\Visit\Visit;

final readonly class YearVisitForm
{
    public function __construct(
        public \DateTimeImmutable $day,
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind,
    ) {
    }
}
