<?php

/** What was measured on a dog, and what follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['measures', 'ears', 'balance', 'neckwear'])]
final readonly class MeasuresView
{
    /**
     * @param array<string, mixed>|null $ears
     * @param array<string, mixed> $balance
     * @param array<string, mixed>|null $neckwear
     */
    public function __construct(
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),]
        public object $measures,
        #[OA\Property(
            type: 'object',
            nullable: true,
            required: [
                'left_hair_mm',
                'right_hair_mm',
                'measured_difference_mm',
                'apparent_difference_mm',
                'untrimmed_difference_mm',
                'reasons',
            ],
            properties: [
                new OA\Property('left_hair_mm', type: 'number'),
                new OA\Property('right_hair_mm', type: 'number'),
                new OA\Property('measured_difference_mm', type: 'number'),
                new OA\Property('apparent_difference_mm', type: 'number'),
                new OA\Property('untrimmed_difference_mm', type: 'number'),
                new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
            ],
        )]
        public ?array $ears,
        #[OA\Property(
            type: 'object',
            required: ['suggestions', 'silent'],
            properties: [
                new OA\Property(
                    'suggestions',
                    type: 'array',
                    items: new OA\Items(
                        required: ['code', 'message', 'reasons'],
                        properties: [
                            new OA\Property('code', type: 'string'),
                            new OA\Property('message', type: 'string'),
                            new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                        ],
                        type: 'object',
                    ),
                ),
                new OA\Property('silent', type: 'string', nullable: true),
            ],
        )]
        public array $balance,
        #[OA\Property(
            type: 'object',
            nullable: true,
            required: [
                'finished_mm',
                'fabric_mm',
                'tube_width_mm',
                'band_width_mm',
                'bow_width_mm',
                'warnings',
                'reasons',
            ],
            properties: [
                new OA\Property('finished_mm', type: 'number'),
                new OA\Property('fabric_mm', type: 'number'),
                new OA\Property('tube_width_mm', type: 'number'),
                new OA\Property('band_width_mm', type: 'number'),
                new OA\Property('bow_width_mm', type: 'number'),
                new OA\Property('warnings', type: 'array', items: new OA\Items(ref: CautionView::class)),
                new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
            ],
        )]
        public ?array $neckwear,
    ) {
    }
}
