<?php

/** What was measured on a dog, and what follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class MeasuresView
{
    /**
     * @param list<array{point: string, label: string, chosen: string|null,
     *     sides: list<array{id: string, label: string}>}> $seen
     * @param array<string, mixed>|null $ears
     * @param array<string, mixed> $balance
     * @param array<string, mixed>|null $neckwear
     */
    public function __construct(
        #[Gives('array<string, float>')] public object $measures,
        #[Says('proportions as an eye sees them')] public array $seen,
        #[Gives(
            'array{left_hair_mm: float, right_hair_mm: float, measured_difference_mm: float, '.
                'apparent_difference_mm: float, untrimmed_difference_mm: float, reasons: list<ReasonView>}|null',
        ),]
        public ?array $ears,
        #[Gives(
            'array{suggestions: list<array{code: string, message: string, reasons: list<ReasonView>}>, '.
                'silent: string|null}',
        ),]
        public array $balance,
        #[Gives(
            'array{finished_mm: float, fabric_mm: float, tube_width_mm: float, band_width_mm: float, '.
                'bow_width_mm: float, warnings: list<CautionView>, reasons: list<ReasonView>}|null',
        ),]
        public ?array $neckwear,
    ) {
    }
}
