<?php

/** The owner agrees to what was shown, or refuses it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

final readonly class Agree implements Command, MayComeLate
{
    public function __construct(public string $arrival, public AgreementForm $form)
    {
    }
}
