<?php

/** Incidents of a year and their rates. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;

final readonly class IncidentsView
{
    /**
     * @param list<array<string, string|bool>> $incidents
     * @param list<array{tool: string, incidents: int, grooms: int, per_hundred: float, low: float, high: float}> $rates
     */
    public function __construct(
        #[Gives(
            'list<array{id: string, at: string, what: string, zone: string, tool: string, action: string, '.
                'told: bool, follow_up: string, follow_up_on: string, dog_id: string, dog: string, who: string}>',
        ),]
        public array $incidents,
        public array $rates,
    ) {
    }
}
