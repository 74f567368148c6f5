<?php

/** The first day of a visit that takes two: the dog is washed and dried. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class WashBefore
{
    public function __construct(
        #[Says('one or two days before the rest')] public \DateTimeImmutable $day,
        #[Line(0, 12), Says('such as 09:30')] public string $time = '09:00',
        #[Text(0, 36), Says('who; null: not decided')] public ?string $staff = null,
    ) {
    }
}
