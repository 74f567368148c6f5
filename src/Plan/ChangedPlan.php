<?php

/** What changing zones of a plan came to: its revision, each zone's version, and what the log is to say. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Log\Entry;

final readonly class ChangedPlan
{
    /** @param array<string, Entry> $entries by zone; a zone that is not among them had it already */
    public function __construct(public int $revision, public array $entries)
    {
    }

    /**
     * What a repeat is answered from: of twenty zones no more than what cannot be worked out again.
     *
     * @param list<string> $zones as they were wished for
     *
     * @return array{revision: int, changes: list<string|null>} changes: ids in the log
     */
    public function kept(array $zones): array
    {
        return [
            'revision' => $this->revision,
            'changes' => array_map(
                fn (string $zone): ?string => isset($this->entries[$zone]) ? (string) $this->entries[$zone]->id : null,
                $zones,
            ),
        ];
    }
}
