<?php

/** What the form of the waiting list says. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Visit\Visit;

final readonly class WaitingForm
{
    public function __construct(
        #[Says('the first day it could come')] public \DateTimeImmutable $since,
        #[Says('the last day')] public \DateTimeImmutable $until,
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind = 'full',
        #[Text(0, 36), Says('with whom; null: anybody')] public ?string $staff = null,
        #[Text(0, 200)] public string $note = '',
    ) {
    }
}
