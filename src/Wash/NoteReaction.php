<?php

/** A skin did not bear a product: it stands on the dog's card from now on. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;

final readonly class NoteReaction implements Command
{
    public function __construct(public string $dog, public ReactionForm $reaction)
    {
    }
}
