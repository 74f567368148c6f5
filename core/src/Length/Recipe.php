<?php

/** How a zone's length comes about: tool and lay, or a hand method with an estimate. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Measure\Length;

final readonly class Recipe
{
    /** @param Length|null $estimate only for methods without a tool length */
    public function __construct(public Tool $tool, public Lay $lay = Lay::With, public ?Length $estimate = null)
    {
    }
}
