<?php

/** Visits held ahead: from which day, every so many weeks, how many. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;
use KeenThistle\Visit\Visit;

final readonly class SeriesForm
{
    public function __construct(
        #[Says('the first day')] public \DateTimeImmutable $first,
        #[Whole(1, 26), Says('weeks from one to the next')] public int $every,
        #[Whole(1, 26), Says('how many')] public int $count = 1,
        #[Line(0, 12), Says('such as 09:30')] public string $time = '09:00',
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind = 'full',
        #[Text(0, 36), Says('who; null: not decided')] public ?string $staff = null,
    ) {
    }
}
