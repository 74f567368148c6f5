<?php

/** Dates to offer for a dog's next visit. A response record. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Input\Says;

final readonly class ProposalsView
{
    /**
     * @param list<array{day: string, time: string, staff: string, name: string, late_days: int,
     *     reasons: list<string>}> $proposals
     */
    public function __construct(
        #[Says('minutes that would be booked; null: nobody has weighed the dog')] public ?int $minutes,
        #[Says('the last day that keeps the clock; null: nobody knows')] public ?string $due,
        #[Says('the best first; none: nobody has room near that day')] public array $proposals,
    ) {
    }
}
