<?php

/** What a dog will stand for with one tool, and what that means today. A response record. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Core\Handling\HandlingAnswer;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'tool',
        'version',
        'tolerance',
        'where',
        'trigger',
        'cause',
        'works',
        'hold',
        'banned',
        'marker',
        'treats',
        'second_person',
        'owner_says',
        'rung',
        'next_rung',
        'next_words',
        'minutes',
        'decision',
        'substitute',
        'homework',
        'visits_until_full',
        'earliest_full_on',
        'warnings',
        'reasons',
    ],
)]
final readonly class HandlingView
{
    /**
     * @param list<array<string, mixed>> $warnings
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[OA\Property] public string $tool,
        #[OA\Property] public int $version,
        #[OA\Property] public int $tolerance,
        #[OA\Property] public string $where,
        #[OA\Property] public string $trigger,
        #[OA\Property] public string $cause,
        #[OA\Property] public string $works,
        #[OA\Property] public string $hold,
        #[OA\Property] public string $banned,
        #[OA\Property] public string $marker,
        #[OA\Property] public string $treats,
        #[OA\Property] public bool $second_person,
        #[OA\Property] public string $owner_says,
        #[OA\Property(nullable: true)] public ?string $rung,
        #[OA\Property] public string $next_rung,
        #[OA\Property] public string $next_words,
        #[OA\Property] public float $minutes,
        #[OA\Property] public string $decision,
        #[OA\Property(nullable: true)] public ?string $substitute,
        #[OA\Property(nullable: true)] public ?string $homework,
        #[OA\Property(nullable: true)] public ?int $visits_until_full,
        #[OA\Property(nullable: true)] public ?string $earliest_full_on,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $warnings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }

    public static function of(HandlingRecord $r, HandlingAnswer $a): self
    {
        $substitute = 'substitute' === $a->decision || 'defer' === $a->decision ? $r->tool->substitute() : null;

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
            $a->rung?->value,
            $a->next->value,
            $a->next->words(),
            round($a->minutes, 2),
            $a->decision,
            $substitute,
            Rung::Normal === $a->rung ? null : $a->next->homework(),
            $a->visits,
            $a->earliest?->format('Y-m-d'),
            Caution::listToArray($a->cautions),
            Reason::listToArray($a->reasons),
        );
    }
}
