<?php

/** The answer of the length rule: what is left, how sure, and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class FinishedLength
{
    /**
     * @param Length|null $finished null where nothing tells the length
     * @param list<Reason> $reasons
     * @param list<Caution> $warnings
     */
    public function __construct(
        public ?Length $finished,
        public float $tolerance,
        public bool $estimated,
        public array $reasons,
        public array $warnings,
    ) {
    }

    /**
     * @return array{finished_mm: float|null, low_mm: float|null, high_mm: float|null, inch: string|null,
     *     estimated: bool, reasons: list<array<string, mixed>>, warnings: list<array<string, mixed>>}
     */
    public function toArray(): array
    {
        return [
            'finished_mm' => $this->finished?->rounded(),
            'low_mm' => $this->finished?->times(1 - $this->tolerance)->rounded(),
            'high_mm' => $this->finished?->times(1 + $this->tolerance)->rounded(),
            'inch' => $this->finished?->inches(),
            'estimated' => $this->estimated,
            'reasons' => Reason::listToArray($this->reasons),
            'warnings' => Caution::listToArray($this->warnings),
        ];
    }
}
