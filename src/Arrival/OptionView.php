<?php

/** One way to go on today, with what it takes and leaves. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'choice',
        'title',
        'leaves_mm',
        'left',
        'patches',
        'matting_minutes',
        'minutes_50',
        'minutes_80',
        'slot_minutes',
        'price_minor',
        'price_terms',
        'phases',
        'visits',
        'today',
        'back_weeks',
        'back_message',
        'warnings',
        'reasons',
    ],
)]
final readonly class OptionView
{
    /**
     * @param list<string> $patches
     * @param list<array{label: string, minor: int}> $price_terms
     * @param list<array{phase: string, minutes: float}> $phases
     * @param list<array<string, mixed>> $warnings
     * @param list<array<string, mixed>> $reasons
     */
    public function __construct(
        #[OA\Property] public string $choice,
        #[OA\Property] public string $title,
        #[OA\Property(nullable: true)] public ?float $leaves_mm,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'number'),
            description: 'mm by zone when it is done, where that is known',
        )]
        public object $left,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $patches,
        #[OA\Property] public float $matting_minutes,
        #[OA\Property] public float $minutes_50,
        #[OA\Property] public float $minutes_80,
        #[OA\Property] public int $slot_minutes,
        #[OA\Property(nullable: true)] public ?int $price_minor,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['label', 'minor'],
                properties: [new OA\Property('label', type: 'string'), new OA\Property('minor', type: 'integer')],
                type: 'object',
            ),
        )]
        public array $price_terms,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['phase', 'minutes'],
                properties: [new OA\Property('phase', type: 'string'), new OA\Property('minutes', type: 'number')],
                type: 'object',
            ),
        )]
        public array $phases,
        #[OA\Property] public int $visits,
        #[OA\Property] public bool $today,
        #[OA\Property(nullable: true)] public ?float $back_weeks,
        #[OA\Property(nullable: true)] public ?string $back_message,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $warnings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
    ) {
    }
}
