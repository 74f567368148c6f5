<?php

/** One way to reach a length with the tools in reach. */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Length\FinishedLength;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Measure\Length;

final readonly class Option
{
    public function __construct(
        public Recipe $recipe,
        public FinishedLength $answer,
        public Length $finished,
        public Length $target,
        public bool $close,
        public int $toolChanges,
    ) {
    }

    public function distance(): int
    {
        return abs($this->finished->micrometres() - $this->target->micrometres());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tool' => $this->recipe->tool->toArray(),
            'lay' => $this->recipe->lay->value,
            'words' => $this->recipe->tool->words(),
            'finished_mm' => $this->finished->rounded(),
            'inch' => $this->finished->inches(),
            'difference_mm' => $this->finished->minusRounded($this->target),
            'close' => $this->close,
            'tool_changes' => $this->toolChanges,
            'reasons' => $this->answer->toArray()['reasons'],
            'warnings' => $this->answer->toArray()['warnings'],
        ];
    }
}
