<?php

/** What a change of a pattern would do to the cards that follow it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;

final readonly class SpreadView
{
    /**
     * @param list<array{zone: string, label: string, words: string, finished_mm: float|null}> $zones
     * @param list<array{dog: string, name: string, changes: list<array{zone: string, label: string, words: string,
     *     was_mm: float|null, finished_mm: float|null}>, stays: list<array{zone: string, label: string,
     *     why: string}>}> $dogs
     */
    public function __construct(
        #[Says('the new line as it is kept')] public string $line,
        public array $zones,
        public array $dogs,
    ) {
    }
}
