<?php

/** The dog is finished. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class CloseGroom implements Command, MayComeLate
{
    public function __construct(public string $groom, public CloseForm $form)
    {
    }
}
