<?php

/** Change a pattern of the house; its cards are changed afterwards, some at a time. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Command\Command;

final readonly class ChangePattern implements Command
{
    public function __construct(public string $pattern, public int $version, public PatternForm $form)
    {
    }
}
