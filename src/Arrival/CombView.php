<?php

/** A comb test with everything that follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'version',
        'stops_first',
        'stops_second',
        'load',
        'worked_out_minutes',
        'limit_minutes',
        'tender_limit_minutes',
        'zones',
        'even_mm',
        'even_on_consent',
        'reasons',
        'warnings',
        'consent',
        'questions',
        'findings',
        'choice',
        'options',
    ],
)]
final readonly class CombView
{
    /**
     * @param list<MatView> $zones
     * @param list<array<string, mixed>> $reasons
     * @param list<array<string, mixed>> $warnings
     * @param list<string> $consent
     * @param list<array{field: string, message: string}> $questions
     * @param list<array<string, mixed>> $findings
     * @param list<OptionView> $options
     */
    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property(nullable: true)] public ?int $stops_first,
        #[OA\Property(nullable: true)] public ?int $stops_second,
        #[OA\Property] public float $load,
        #[OA\Property] public float $worked_out_minutes,
        #[OA\Property] public float $limit_minutes,
        #[OA\Property] public float $tender_limit_minutes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MatView::class))] public array $zones,
        #[OA\Property(nullable: true)] public ?float $even_mm,
        #[OA\Property] public bool $even_on_consent,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonView::class))] public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $warnings,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $consent,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['field', 'message'],
                properties: [new OA\Property('field', type: 'string'), new OA\Property('message', type: 'string')],
                type: 'object',
            ),
        )]
        public array $questions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $findings,
        #[OA\Property] public string $choice,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OptionView::class))] public array $options,
    ) {
    }
}
