<?php

/** The concrete order of work of one dog, and what moved from the usual. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final readonly class WorkList
{
    /**
     * @param list<WorkItem> $items
     * @param list<array{step: string, why: string}> $moved
     */
    public function __construct(public array $items, public int $toolChanges, public array $moved)
    {
    }

    /**
     * @return array{steps: list<array<string, mixed>>, tool_changes: int, moved: list<array{step: string,
     *     why: string}>}
     */
    public function toArray(): array
    {
        return [
            'steps' => array_map(static fn (WorkItem $i): array => $i->toArray(), $this->items),
            'tool_changes' => $this->toolChanges,
            'moved' => $this->moved,
        ];
    }
}
