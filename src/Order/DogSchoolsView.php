<?php

/** On what points a card differs from the salon's schools. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

final readonly class DogSchoolsView
{
    /**
     * @param list<array{point: string, label: string, changes: string, house: string, own: string|null,
     *     sides: list<array{id: string, what: string, why: string}>}> $points
     */
    public function __construct(public array $points)
    {
    }
}
