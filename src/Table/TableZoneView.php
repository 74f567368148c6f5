<?php

/** One zone of a groom: what was planned, what was done, by whom. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Visit\HereView;

final readonly class TableZoneView
{
    public function __construct(
        public string $zone,
        public ?RecipeView $planned,
        public ?float $planned_mm,
        #[Gives("'planned'|'done'|'partly'|'deferred'|'not_needed'")] public string $state,
        public string $why,
        public ?RecipeView $actual,
        public ?float $actual_mm,
        public ?float $difference_mm,
        #[Says('"repeat" or "do_not_repeat"')] public string $carry,
        public ?string $who,
        public ?string $at,
        #[Says('the tap that says so; 0: none yet')] public int $seq,
        public ?HereView $here,
        public ?float $now_mm,
        public float $natural_mm,
        public ?string $fill_back_on,
        #[Gives("'owner'|'dry'|'refused'|''"), Says('owner, dry or refused; empty: it can be done now')]
        public string $waits,
    ) {
    }
}
