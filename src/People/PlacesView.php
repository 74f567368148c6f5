<?php

/** The places of the salon. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;

final readonly class PlacesView
{
    /** @param list<PlaceView> $places */
    public function __construct(#[Gives('list<PlaceView>')] public array $places)
    {
    }
}
