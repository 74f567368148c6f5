<?php

/** The day's washing. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Reason\CautionView;
use KeenThistle\Reason\ReasonView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['day', 'currency', 'dogs', 'products', 'bottles', 'schools', 'cautions'])]
final readonly class WashView
{
    /**
     * @param list<array<string, mixed>> $dogs
     * @param list<ProductView> $products
     * @param list<BottleView> $bottles
     * @param list<array{point: string, label: string, what: string, why: string}> $schools
     * @param list<array<string, mixed>> $cautions
     */
    public function __construct(
        #[OA\Property] public string $day,
        #[OA\Property] public string $currency,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: [
                    'dog',
                    'name',
                    'coat',
                    'kg',
                    'time',
                    'why',
                    'product',
                    'product_name',
                    'litres',
                    'concentrate_ml',
                    'dwell_min',
                    'passes',
                    'cost_minor',
                    'reactions',
                    'differs',
                    'reasons',
                ],
                properties: [
                    new OA\Property('dog', type: 'string'),
                    new OA\Property('name', type: 'string'),
                    new OA\Property('coat', type: 'string'),
                    new OA\Property('kg', type: 'number', nullable: true),
                    new OA\Property('time', type: 'string', nullable: true),
                    new OA\Property('why', type: 'string', description: 'booked, arrived or at the table'),
                    new OA\Property('product', type: 'string', nullable: true),
                    new OA\Property('product_name', type: 'string', nullable: true),
                    new OA\Property('litres', type: 'number', nullable: true),
                    new OA\Property('concentrate_ml', type: 'number', nullable: true),
                    new OA\Property('dwell_min', type: 'integer', nullable: true),
                    new OA\Property('passes', type: 'integer', nullable: true),
                    new OA\Property('cost_minor', type: 'integer', nullable: true),
                    new OA\Property(
                        'reactions',
                        type: 'array',
                        items: new OA\Items(
                            required: ['id', 'product', 'name', 'what', 'on'],
                            properties: [
                                new OA\Property('id', type: 'string'),
                                new OA\Property('product', type: 'string'),
                                new OA\Property('name', type: 'string'),
                                new OA\Property('what', type: 'string'),
                                new OA\Property('on', type: 'string'),
                            ],
                        ),
                    ),
                    new OA\Property(
                        'differs',
                        type: 'array',
                        items: new OA\Items(type: 'string'),
                        description: 'where this card washes or dries otherwise than the house',
                    ),
                    new OA\Property('reasons', type: 'array', items: new OA\Items(ref: ReasonView::class)),
                ],
            ),
        )]
        public array $dogs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ProductView::class))] public array $products,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: BottleView::class),
            description: 'that stand there, the oldest first',
        )]
        public array $bottles,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(
                required: ['point', 'label', 'what', 'why'],
                properties: [
                    new OA\Property('point', type: 'string'),
                    new OA\Property('label', type: 'string'),
                    new OA\Property('what', type: 'string'),
                    new OA\Property('why', type: 'string'),
                ],
            ),
        )]
        public array $schools,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionView::class))] public array $cautions,
    ) {
    }
}
