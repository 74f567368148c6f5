<?php

/** Every dog that is here today, and the one that is looked at, for an emergency. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Says;

final readonly class EmergencyView
{
    /** @param list<EmergencyDogView> $dogs */
    public function __construct(#[Says('by name')] public array $dogs)
    {
    }
}
