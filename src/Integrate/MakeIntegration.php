<?php

/** A programme is let in. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Command\Command;

final readonly class MakeIntegration implements Command
{
    public function __construct(public IntegrationForm $form)
    {
    }
}
