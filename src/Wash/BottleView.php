<?php

/** A bottle as its label says it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Wash\Ratio;
use KeenThistle\Input\Says;

final readonly class BottleView
{
    public function __construct(
        public string $id,
        public int $version,
        public string $product,
        public string $name,
        public string $ratio_words,
        public float $ml,
        public float $concentrate_ml,
        public string $mixed_on,
        public string $discard_by,
        #[Says('past its day: poured away, not used')] public bool $over,
        public string $who,
        public ?string $poured_on,
    ) {
    }

    public static function of(Bottle $b, \DateTimeImmutable $today): self
    {
        return new self(
            (string) $b->id,
            $b->version,
            (string) $b->product->id,
            $b->product->name,
            '1:'.Ratio::plain($b->ratio),
            round($b->ml, 0),
            round($b->concentrateMl, 1),
            $b->mixedOn->format('Y-m-d'),
            $b->discardBy->format('Y-m-d'),
            $b->discardBy->format('Y-m-d') < $today->format('Y-m-d'),
            $b->staff->name,
            $b->pouredOn?->format('Y-m-d'),
        );
    }
}
