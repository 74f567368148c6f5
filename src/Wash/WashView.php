<?php

/** The day's washing. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

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
        public string $day,
        public string $currency,
        #[Gives(
            'list<array{dog: string, name: string, coat: string, kg: float|null, time: string|null, why: string, '.
                'product: string|null, product_name: string|null, litres: float|null, concentrate_ml: float|'.
                'null, dwell_min: int|null, passes: int|null, cost_minor: int|null, '.
                'reactions: list<array{id: string, product: string, name: string, what: string, on: string}>, '.
                'differs: list<string>, reasons: list<ReasonView>}>',
        )]
        public array $dogs,
        public array $products,
        #[Says('that stand there, the oldest first')] public array $bottles,
        public array $schools,
        #[Gives('list<CautionView>')] public array $cautions,
    ) {
    }
}
