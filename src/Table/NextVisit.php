<?php

/** A visit to book when a dog leaves. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Visit\Visit;

final readonly class NextVisit
{
    public function __construct(
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind,
        public \DateTimeImmutable $on,
        #[Line(0, 12), Says('such as 09:30')] public string $time = '09:00',
        #[Text(36, 36), Says('who; null: not decided')] public ?string $staff = null,
    ) {
    }
}
