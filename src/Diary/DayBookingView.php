<?php

/** One dog of a day's list. A response record. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Input\Says;

final readonly class DayBookingView
{
    /** @param list<string> $cautions */
    public function __construct(
        public string $id,
        public string $time,
        public string $kind,
        public ?string $staff,
        public string $note,
        public string $dog,
        public string $name,
        #[Says('breed, coat and weight')] public string $about,
        public string $person,
        public string $phone,
        #[Says('health and handling, worst first')] public array $cautions,
    ) {
    }
}
