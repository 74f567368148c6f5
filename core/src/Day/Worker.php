<?php

/** Somebody who works that day: hours, breaks, skills, and what one body can bear. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Worker
{
    /**
     * @param int $from tick of the day
     * @param list<array{int, int}> $breaks from and to, in their order
     * @param list<string>|null $skills null: all
     * @param int|null $heavyMost heavy dogs a day; null: any number
     * @param int|null $stripMost ticks of stripping a day
     */
    public function __construct(
        public string $id,
        public int $from,
        public int $to,
        public array $breaks = [],
        public ?array $skills = null,
        public ?int $heavyMost = null,
        public ?int $stripMost = null,
    ) {
    }

    public function can(Task $task): bool
    {
        return '' === $task->skill || null === $this->skills || \in_array($task->skill, $this->skills, true);
    }

    /** @return list<array{int, int}> in minutes from midnight */
    public function breakMinutes(): array
    {
        return array_map(
            static fn (array $b): array => [intdiv($b[0], Day::TICKS), (int) ceil($b[1] / Day::TICKS)],
            $this->breaks,
        );
    }

    /** What is the same for two people whose work can be swapped. */
    public function alike(): string
    {
        return json_encode(
            [$this->from, $this->to, $this->breaks, $this->skills, $this->heavyMost, $this->stripMost],
            \JSON_THROW_ON_ERROR,
        );
    }
}
