<?php

/** One zone of a wished change. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Whole;
use KeenThistle\Recipe\RecipeCodec;

final readonly class ZoneWish
{
    public function __construct(
        #[Shaped([Zone::class, 'shape'])] public string $zone,
        #[Whole(0, 999_999_999), Says('of the zone, that this change was made from; 0: never planned')]
        public int $version,
        #[Shaped([RecipeCodec::class, 'shape']), Says('null: take the zone out of the plan')]
        public ?Fields $recipe = null,
    ) {
    }
}
