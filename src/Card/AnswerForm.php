<?php

/** A recipe that is tried on a zone. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;
use KeenThistle\Recipe\RecipeCodec;

final readonly class AnswerForm
{
    public function __construct(
        #[Shaped([Zone::class, 'shape'])] public string $zone,
        #[Shaped([RecipeCodec::class, 'shape'])] public Fields $recipe,
        #[Text(0, 36)] public ?string $place = null,
    ) {
    }
}
