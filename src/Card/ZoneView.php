<?php

/** One zone of a card. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Input\Says;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Visit\HereView;

final readonly class ZoneView
{
    public function __construct(
        public string $zone,
        #[Says('names this zone in If-Match; 0 where it was never planned')] public int $version,
        public ?RecipeView $recipe,
        public ?float $finished_mm,
        #[Says('expected today from the last visit and the growth')] public ?float $now_mm,
        #[Says('what this coat usually carries here when nothing is planned; for the drawing only')]
        public float $natural_mm,
        public ?HereView $here,
        #[Says('when an exception patch is expected to be back')] public ?string $fill_back_on,
        public ?string $changed_by,
    ) {
    }
}
