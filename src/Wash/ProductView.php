<?php

/** A product, and what today asks of it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Wash\Ratio;

final readonly class ProductView
{
    /**
     * @param list<string> $coats
     * @param array{litres: float, concentrate_ml: float, water_ml: float, to_mix_l: float, bottles: int,
     *     stock_left_ml: float, short: string|null, standing_ml: float, dogs: int} $today
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $kind,
        public float $ratio,
        public string $ratio_words,
        public ?int $label_days,
        public ?int $dwell_min,
        public array $coats,
        public int $bottle_ml,
        public float $stock_ml,
        public ?int $litre_minor,
        public string $note,
        public bool $active,
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
