<?php

/** Hand a dog over to who fetches it; or take that back. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Command\Command;

final readonly class CollectDog implements Command
{
    /** @param CollectedForm|null $form null: it is still here */
    public function __construct(public string $arrival, public ?CollectedForm $form)
    {
    }
}
