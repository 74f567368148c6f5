<?php

/** One pattern with its zones and who follows it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;

final readonly class PatternView
{
    /**
     * @param list<array{zone: string, label: string, words: string, finished_mm: float|null}> $zones
     * @param list<array{dog: string, name: string, coat: string, taken: int, behind: bool, own: list<string>}> $dogs
     */
    public function __construct(
        public PatternRowView $pattern,
        public array $zones,
        public array $dogs,
        #[Says('the change cards have just followed, by which it is taken back')] public ?string $spread = null,
    ) {
    }
}
