<?php

/** Next rung, go or no-go, and what instead: the answer of the handling rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class HandlingAnswer
{
    /**
     * @param Rung|null $rung reached by now, regress included; null: never met
     * @param bool $helps whether a second person is fetched
     * @param int|null $visits until a full job is likely; null where it is now
     * @param list<Caution> $cautions
     * @param list<Reason> $reasons
     */
    public function __construct(
        public Tool $tool,
        public ?Place $place,
        public ?Rung $rung,
        public Rung $next,
        public float $minutes,
        public Decision $decision,
        public bool $helps,
        public ?int $demand,
        public int $confidence,
        public ?int $visits,
        public ?\DateTimeImmutable $earliest,
        public array $cautions,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tool' => $this->tool->value,
            'place' => $this->place?->value,
            'rung' => $this->rung?->value,
            'next_rung' => $this->next->value,
            'next_words' => $this->next->words(),
            'minutes' => round($this->minutes, 2),
            'decision' => $this->decision->value,
            'second_person' => $this->helps,
            'demand' => $this->demand,
            'substitute' => $this->decision->isInstead() ? $this->tool->substitute() : null,
            'homework' => Rung::Normal === $this->rung ? null : $this->next->homework(),
            'visits_until_full' => $this->visits,
            'earliest_full_on' => $this->earliest?->format('Y-m-d'),
            'warnings' => Caution::listToArray($this->cautions),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
