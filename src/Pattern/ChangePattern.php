<?php

/** Change a pattern of the house; the cards that follow it are changed afterwards. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class ChangePattern implements Command
{
    public function __construct(public string $pattern, public int $version, public PatternForm $form)
    {
    }
}
