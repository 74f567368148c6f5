<?php

/** The year ahead of a dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Diary\BookingView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class YearView
{
    private const CLOCK = 'list<array{clock: string, label: string, weeks: int}>';

    /**
     * @param list<array<string, mixed>> $clocks
     * @param list<array{from: string, to: string}> $closed
     * @param list<BookingView> $booked
     * @param list<array<string, mixed>> $reasons
     * @param list<string> $impossible
     */
    public function __construct(
        public string $dog,
        public string $name,
        public string $today,
        public string $until,
        #[Says('false: without a plan or a visit nothing is said of clocks')] public bool $known,
        #[Gives(self::CLOCK), Says('whole weeks each may run')] public array $clocks,
        #[Says('weeks in which nobody is there')] public array $closed,
        public array $booked,
        #[Says('what is booked against the clocks')] public YearCheckView $check,
        #[Says('the cheapest visits that keep every clock')] public YearCheckView $advice,
        #[Says('which clock cannot be kept, and why; then there is no advice')] public array $impossible,
        #[Gives('list<ReasonView>')] public array $reasons,
        #[Says('weeks between full grooms that the owner asks for')] public ?int $wish_weeks,
        public ?YearCheckView $wish,
        #[Says('what could be kept at that interval, in mm')] public ?float $wish_mm,
    ) {
    }
}
