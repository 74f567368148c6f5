<?php

/** How one zone stands in a groom, and who said so. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Recipe\RecipeView;

final readonly class ZoneMarkView
{
    public function __construct(
        public string $zone,
        #[Gives("'planned'|'done'|'partly'|'deferred'|'not_needed'")] public string $state,
        public string $why,
        public ?RecipeView $actual,
        public ?float $actual_mm,
        public ?float $difference_mm,
        #[Says('"repeat" or "do_not_repeat"')] public string $carry,
        public ?string $who,
        public ?string $at,
        #[Says('the tap that says so; 0: none yet')] public int $seq,
        public ?string $fill_back_on,
    ) {
    }
}
