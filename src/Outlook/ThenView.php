<?php

/** A dog then and now, and in the weeks to come. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Book\DogView;
use KeenThistle\Reason\ReasonView;
use KeenThistle\Visit\GrowthView;
use OpenApi\Attributes as OA;

/**
 * @phpstan-type Side array{id: string, day: string, title: string, who: string|null, place: string|null,
 *     minutes: int|null, load: float|null, note: string, zones: list<array{zone: string, mm: float|null,
 *     tool: string,
 *     state: string, exception: bool}>, photos: list<array{id: string, moment: string, zone: string}>}
 */
#[OA\Schema(required: ['dog', 'today', 'visits', 'then', 'now', 'differences', 'growth', 'natural', 'outlook'])]
final readonly class ThenView
{
    /**
     * @param list<array{id: string, day: string, kind: string, who: string}> $visits
     * @param Side $then
     * @param Side $now
     * @param list<array{zone: string, label: string, mm: float|null, changes: list<array{of: string, was: string,
     *     is: string}>, why: string}> $differences
     * @param array<string, float> $natural
     * @param array<string, mixed> $outlook
     */
    public function __construct(
        #[OA\Property(ref: DogView::class)] public DogView $dog,
        #[OA\Property] public string $today,
        #[OA\Property(
            type: 'array',
            description: 'newest first',
            items: new OA\Items(
                required: ['id', 'day', 'kind', 'who'],
                properties: [
                    new OA\Property('id', type: 'string'),
                    new OA\Property('day', type: 'string'),
                    new OA\Property('kind', type: 'string'),
                    new OA\Property('who', type: 'string'),
                ],
            ),
        )]
        public array $visits,
        #[OA\Property(ref: SideView::class)] public array $then,
        #[OA\Property(ref: SideView::class)] public array $now,
        #[OA\Property(
            type: 'array',
            description: 'the largest difference of length first',
            items: new OA\Items(
                required: ['zone', 'label', 'mm', 'changes', 'why'],
                properties: [
                    new OA\Property('zone', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('mm', type: 'number', nullable: true),
                    new OA\Property('why', type: 'string'),
                    new OA\Property(
                        'changes',
                        type: 'array',
                        items: new OA\Items(
                            required: ['of', 'was', 'is'],
                            properties: [
                                new OA\Property('of', type: 'string'),
                                new OA\Property('was', type: 'string'),
                                new OA\Property('is', type: 'string'),
                            ],
                        ),
                    ),
                ],
            ),
        )]
        public array $differences,
        #[OA\Property(ref: GrowthView::class)] public GrowthView $growth,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'number'),
            description: 'mm this coat usually carries; for the drawing only',
        )]
        public array $natural,
        #[OA\Property(
            type: 'object',
            required: ['weeks', 'zones', 'load', 'mats', 'clocks', 'reasons', 'from', 'elapsed_weeks', 'limit'],
            properties: [
                new OA\Property(
                    'weeks',
                    type: 'array',
                    items: new OA\Items(type: 'number'),
                    description: 'from today on, every half week',
                ),
                new OA\Property(
                    'zones',
                    type: 'object',
                    additionalProperties: new OA\AdditionalProperties(
                        type: 'object',
                        required: ['mm', 'low', 'high'],
                        properties: [
                            new OA\Property('mm', type: 'array', items: new OA\Items(type: 'number')),
                            new OA\Property('low', type: 'array', items: new OA\Items(type: 'number')),
                            new OA\Property('high', type: 'array', items: new OA\Items(type: 'number')),
                        ],
                    ),
                ),
                new OA\Property('load', type: 'array', items: new OA\Items(type: 'number')),
                new OA\Property(
                    'mats',
                    type: 'array',
                    items: new OA\Items(
                        required: ['week', 'zone', 'severity'],
                        properties: [
                            new OA\Property('week', type: 'number'),
                            new OA\Property('zone', type: 'string'),
                            new OA\Property('severity', type: 'integer'),
                        ],
                    ),
                ),
                new OA\Property(
                    'clocks',
                    type: 'array',
                    items: new OA\Items(
                        required: ['clock', 'weeks', 'reasons'],
                        properties: [
                            new OA\Property('clock', type: 'string'),
                            new OA\Property(
                                'weeks',
                                type: 'number',
                                description: 'from today; below 0: it has struck',
                            ),
                            new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                        ],
                    ),
                ),
                new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                new OA\Property('from', type: 'string'),
                new OA\Property('elapsed_weeks', type: 'number'),
                new OA\Property('limit', type: 'number'),
            ],
        )]
        public array $outlook,
    ) {
    }
}
