<?php

/** Reads the places of the salon, with what lives there and who works there. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class PlacesReader
{
    public function __construct(private Scope $scope)
    {
    }

    /** Those that are open first, in their order. */
    public function all(Actor $actor): PlacesView
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT p.id, p.version, p.name, p.kind, p.open,
                (SELECT COUNT(*) FROM kit_item k WHERE k.place_id = p.id AND k.active = 1) tools,
                (SELECT COUNT(*) FROM staff s WHERE s.place_id = p.id AND s.active = 1) people
            FROM place p WHERE p.salon_id = :salon ORDER BY p.open DESC, p.position',
        );

        return new PlacesView(
            array_map(
                static fn (array $r): PlaceView => new PlaceView(
                    Row::id($r['id']),
                    Row::int($r['version']) ?? 1,
                    Row::text($r['name']),
                    Row::text($r['kind']),
                    1 === Row::int($r['open']),
                    Row::int($r['tools']) ?? 0,
                    Row::int($r['people']) ?? 0,
                ),
                $rows,
            ),
        );
    }

    public function one(Actor $actor, string $id): PlaceView
    {
        foreach ($this->all($actor)->places as $place) {
            if ($place->id === $id) {
                return $place;
            }
        }
        throw Refused::notFound('place');
    }
}
