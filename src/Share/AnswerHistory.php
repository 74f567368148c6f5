<?php

/** An owner, or the salon in their name, says what another salon may see: nothing, some of it, or no more. */

declare(strict_types=1);

namespace KeenThistle\Share;

use KeenThistle\Command\Command;

final readonly class AnswerHistory implements Command
{
    /**
     * @param list<string> $parts of Parts; empty: nothing
     * @param bool $byLink its owner themselves
     */
    public function __construct(public string $ask, public array $parts, public bool $byLink)
    {
    }
}
