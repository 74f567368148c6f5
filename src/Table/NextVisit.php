<?php

/** A visit to book when a dog leaves. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Text;
use KeenThistle\Visit\Visit;

final readonly class NextVisit
{
    public function __construct(
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind,
        public \DateTimeImmutable $on,
        #[Text(5, 5)] public string $time = '09:00',
    ) {
    }
}
