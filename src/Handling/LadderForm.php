<?php

/** How a step of the acclimatising ladder went. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Core\Handling\Rung;
use KeenThistle\Input\Choice;

final readonly class LadderForm
{
    public function __construct(#[Choice(Rung::class, 'rung')] public Rung $rung, public bool $calm)
    {
    }
}
