<?php

/** An arrival as it stands, with everything that follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Book\DogView;
use KeenThistle\Handling\HandlingView;
use KeenThistle\Reason\CautionView;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'dog',
        'day',
        'state',
        'who',
        'comb',
        'check_version',
        'hands_on',
        'expected',
        'cautions',
        'findings',
        'stop',
        'refer',
        'questions',
        'trend',
        'asked_first',
        'last_found',
        'handling',
        'assignments',
        'agreements',
        'photos',
    ],
)]
final readonly class ArrivalView
{
    /**
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $findings
     * @param list<array{field: string, message: string}> $questions
     * @param list<array{day: string, load: float}> $trend
     * @param list<string> $asked_first
     * @param list<HandlingView> $handling
     * @param list<AssignmentView> $assignments
     * @param list<AgreementView> $agreements
     * @param list<PhotoView> $photos
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(ref: DogView::class)] public DogView $dog,
        #[OA\Property] public string $day,
        #[OA\Property] public string $state,
        #[OA\Property] public string $who,
        #[OA\Property(ref: CombView::class)] public CombView $comb,
        #[OA\Property] public int $check_version,
        #[OA\Property(type: 'object')] public object $hands_on,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),]
        public object $expected,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $cautions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $findings,
        #[OA\Property] public bool $stop,
        #[OA\Property] public bool $refer,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['field', 'message'],
                properties: [new OA\Property('field', type: 'string'), new OA\Property('message', type: 'string')],
                type: 'object',
            ),
        )]
        public array $questions,
        #[OA\Property(
            type: 'array',
            description: 'loads of earlier arrivals',
            items: new OA\Items(
                required: ['day', 'load'],
                properties: [new OA\Property('day', type: 'string'), new OA\Property('load', type: 'number')],
                type: 'object',
            ),
        )]
        public array $trend,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $asked_first,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            description: 'severity found last time, by zone',
        )]
        public object $last_found,
        #[OA\Property(type: 'array', items: new OA\Items(ref: HandlingView::class))] public array $handling,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AssignmentView::class))] public array $assignments,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AgreementView::class))] public array $agreements,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PhotoView::class))] public array $photos,
    ) {
    }
}
