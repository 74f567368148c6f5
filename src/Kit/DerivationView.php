<?php

/** How far a derivation has come, and what it found. A response record. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Input\Says;

final readonly class DerivationView
{
    /**
     * @param list<array{dog: string, name: string, zones: list<array{zone: string, label: string, before_mm: float,
     * after_mm: float, difference_mm: float}>}> $dogs
     */
    public function __construct(
        public string $id,
        #[Says('id of the tool')] public string $tool,
        public string $label,
        #[Says('of the tool, since this measurement')] public int $version,
        #[Says('null: as the table has it')] public ?float $before_mm,
        public ?float $after_mm,
        public ?string $base,
        public ?string $lay,
        public string $who,
        public string $at,
        #[Says('cards looked at')] public int $done,
        public int $total,
        #[Says('cards of which a length is another')] public int $changed,
        public bool $finished,
        #[Says('what is another: what the cards promise, or what one place leaves')] public string $means,
        #[Says('the largest differences first')] public array $dogs,
        #[Says('why it does not go on; empty: it does')] public string $why,
    ) {
    }
}
