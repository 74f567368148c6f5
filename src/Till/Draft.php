<?php

/** What somebody is about to pay, as it is kept: the lines, the deposit that is held, whose it is. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Money\Line;
use KeenThistle\Diary\Booking;

final readonly class Draft
{
    /**
     * @param string|null $settles what is paid with it, as Sale has it
     * @param list<Line> $lines
     * @param list<array{label: string, minor: int}> $terms what the price of the work is made of
     */
    public function __construct(
        public ?string $settles,
        public ?Dog $dog,
        public ?Booking $booking,
        public array $lines,
        public array $terms = [],
    ) {
    }
}
