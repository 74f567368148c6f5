<?php

/** A command that is done: what was kept of it, and whether it had been done before. */

declare(strict_types=1);

namespace KeenThistle\Command;

final readonly class Done
{
    /**
     * @param array<string, mixed> $kept
     * @param object|null $inHand what its handler had found out besides, the first time
     */
    public function __construct(public array $kept, public bool $again, public ?object $inHand = null)
    {
    }

    /** An id that was kept, in text. */
    public function id(string $name): string
    {
        $id = $this->kept[$name] ?? null;

        return \is_string($id) ? $id : throw new \LogicException("No $name was kept.");
    }
}
