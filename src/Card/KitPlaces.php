<?php

/** Whose kit answers on a card: the place that is named, the person's own, or the first with tools. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Kit\KitReader;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;

final readonly class KitPlaces
{
    public function __construct(private KitReader $kit)
    {
    }

    /** @return string its id; "" where no place has tools. @throws Refused 404 for a place that has none */
    public function of(Actor $actor, string $id): string
    {
        $known = [];
        foreach ($this->kit->rows($actor) as $row) {
            $known[$row['place']] = true;
        }
        if ('' !== $id) {
            return isset($known[$id]) ? $id : throw Refused::notFound('place with tools');
        }
        $own = (string) $actor->place;
        if (isset($known[$own])) {
            return $own;
        }

        return (string) (array_key_first($known) ?? '');
    }
}
