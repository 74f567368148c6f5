<?php

/** A product, and what today asks of it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Wash\Ratio;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'id',
        'version',
        'name',
        'kind',
        'ratio',
        'ratio_words',
        'label_days',
        'dwell_min',
        'coats',
        'bottle_ml',
        'stock_ml',
        'litre_minor',
        'note',
        'active',
        'today',
    ],
)]
final readonly class ProductView
{
    /**
     * @param list<string> $coats
     * @param array{litres: float, concentrate_ml: float, water_ml: float, to_mix_l: float, bottles: int,
     *     stock_left_ml: float, short: string|null, standing_ml: float, dogs: int} $today
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public float $ratio,
        #[OA\Property] public string $ratio_words,
        #[OA\Property(nullable: true)] public ?int $label_days,
        #[OA\Property(nullable: true)] public ?int $dwell_min,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $coats,
        #[OA\Property] public int $bottle_ml,
        #[OA\Property] public float $stock_ml,
        #[OA\Property(nullable: true)] public ?int $litre_minor,
        #[OA\Property] public string $note,
        #[OA\Property] public bool $active,
        #[OA\Property(
            required: [
                'litres',
                'concentrate_ml',
                'water_ml',
                'to_mix_l',
                'bottles',
                'stock_left_ml',
                'short',
                'standing_ml',
                'dogs',
            ],
            properties: [
                new OA\Property('litres', type: 'number'),
                new OA\Property('concentrate_ml', type: 'number'),
                new OA\Property('water_ml', type: 'number'),
                new OA\Property('to_mix_l', type: 'number', description: 'beyond what stands in good bottles'),
                new OA\Property('bottles', type: 'integer'),
                new OA\Property('stock_left_ml', type: 'number'),
                new OA\Property('short', type: 'string', nullable: true),
                new OA\Property('standing_ml', type: 'number'),
                new OA\Property('dogs', type: 'integer'),
            ],
            type: 'object',
        )]
        public array $today,
    ) {
    }

    /**
     * @param array{litres: float, concentrate_ml: float, water_ml: float, to_mix_l: float, bottles: int,
     * stock_left_ml: float, short: string|null, standing_ml: float, dogs: int} $today
     */
    public static function of(Product $p, array $today): self
    {
        return new self(
            (string) $p->id,
            $p->version,
            $p->name,
            $p->kind,
            $p->ratio,
            '1:'.Ratio::plain($p->ratio),
            $p->labelDays,
            $p->dwell,
            $p->coats,
            $p->bottleMl,
            $p->stockMl,
            $p->litreMinor,
            $p->note,
            $p->active,
            $today,
        );
    }
}
