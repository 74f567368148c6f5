<?php

/** One pattern with its zones and who follows it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;
use KeenThistle\Work\JobView;

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
        #[Says('the change that cards follow now, by which it is taken back')] public ?string $spread,
        #[Says('what was last begun behind the scenes: how far it has come')] public ?JobView $job,
    ) {
    }
}
