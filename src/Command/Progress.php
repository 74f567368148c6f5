<?php

/** How far one step of a piece of work has come, and what is left of it. */

declare(strict_types=1);

namespace KeenThistle\Command;

final readonly class Progress
{
    /**
     * @param int $done things done in this step
     * @param Command|null $rest what is still to be done; null: all of it is
     */
    public function __construct(public int $done, public ?Command $rest)
    {
    }
}
