<?php

/** What a dog will stand for with one tool, and what that means today. A response record. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Core\Handling\HandlingAnswer;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Input\Gives;

final readonly class HandlingView
{
    /**
     * @param list<string> $places
     * @param list<array<string, mixed>> $warnings
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        public string $tool,
        public int $version,
        public int $tolerance,
        public string $where,
        public string $trigger,
        public string $cause,
        public string $works,
        public string $hold,
        public string $banned,
        public string $marker,
        public string $treats,
        public bool $second_person,
        public string $owner_says,
        public array $places,
        public ?string $rung,
        public string $next_rung,
        public string $next_words,
        public float $minutes,
        public string $decision,
        public ?string $substitute,
        public ?string $homework,
        public ?int $visits_until_full,
        public ?string $earliest_full_on,
        #[Gives('list<CautionView>')] public array $warnings,
        #[Gives('list<ReasonView>')] public array $reasons,
    ) {
    }

    public static function of(HandlingRecord $r, HandlingAnswer $a): self
    {
        $substitute = $a->decision->isInstead() ? $r->tool->substitute() : null;

        return new self(
            $r->tool->value,
            $r->version,
            $r->tolerance,
            $r->where,
            $r->trigger,
            $r->cause,
            $r->works,
            $r->hold,
            $r->banned,
            $r->marker,
            $r->treats,
            $r->secondPerson,
            $r->ownerSays,
            $r->places,
            $a->rung?->value,
            $a->next->value,
            $a->next->words(),
            round($a->minutes, 2),
            $a->decision->value,
            $substitute,
            Rung::Normal === $a->rung ? null : $a->next->homework(),
            $a->visits,
            $a->earliest?->format('Y-m-d'),
            Caution::listToArray($a->cautions),
            Reason::listToArray($a->reasons),
        );
    }
}
