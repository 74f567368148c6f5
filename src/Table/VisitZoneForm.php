<?php

/** What was done to one zone. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Visit\VisitZone;

final readonly class VisitZoneForm
{
    public function __construct(
        #[Shaped([Zone::class, 'shape'])] public string $zone,
        #[Choice(VisitZone::STATES, 'state')] public string $state = 'done',
        #[Shaped([RecipeCodec::class, 'shape']), Says('what was really used; null: as planned')]
        public ?Fields $actual = null,
        #[Text(0, 200), Says('why otherwise than planned, or deferred')] public string $why = '',
        #[Number(0.1, Length::MAX_MM, 'mm found on arrival')] public ?float $arrival_mm = null,
        public bool $owner_cut = false,
    ) {
    }
}
