<?php

/** Whether a person on the staff can take this dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

final readonly class AssignmentView
{
    /**
     * @param list<array{tool: string, decision: string}> $flags
     */
    public function __construct(
        public string $who,
        public bool $me,
        public bool $fits,
        public bool $second_person,
        public array $flags,
    ) {
    }
}
