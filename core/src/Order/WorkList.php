<?php

/** The concrete order of work of one dog, and what moved from the usual. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final readonly class WorkList
{
    /**
     * @param list<WorkItem> $items
     * @param list<array{step: string, why: string}> $moved
     * @param int $rest minutes on the table until a rest off it, with water
     * @param array{lay: string, base: string, template: string} $defaults what a new recipe begins with in this house
     * @param bool $asksReady not blown dry, and guards are to come: somebody has to feel whether it is bone dry
     */
    public function __construct(
        public array $items,
        public int $toolChanges,
        public array $moved,
        public int $rest,
        public array $defaults,
        public bool $asksReady = false,
    ) {
    }

    /**
     * @return array{steps: list<array<string, mixed>>, tool_changes: int, moved: list<array{step: string,
     *     why: string}>, rest_every_minutes: int, defaults: array<string, string>}
     */
    public function toArray(): array
    {
        return [
            'steps' => array_map(static fn (WorkItem $i): array => $i->toArray(), $this->items),
            'tool_changes' => $this->toolChanges,
            'moved' => $this->moved,
            'rest_every_minutes' => $this->rest,
            'defaults' => $this->defaults,
        ];
    }
}
