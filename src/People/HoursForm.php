<?php

/** The hours of one day of the week. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Timing\Opening;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;

final readonly class HoursForm
{
    public function __construct(
        #[Choice(Opening::DAYS, 'day')] public string $day,
        #[Line(1, 5)] public string $from,
        #[Line(1, 5)] public string $to,
    ) {
    }

    /**
     * @param list<self> $hours
     *
     * @return list<array{day: string, from: string, to: string}>
     */
    public static function rows(array $hours): array
    {
        return array_map(
            static fn (self $h): array => ['day' => $h->day, 'from' => trim($h->from), 'to' => trim($h->to)],
            $hours,
        );
    }
}
