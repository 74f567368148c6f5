<?php

/** Reads the places of the salon, with what lives there and who works there. */

declare(strict_types=1);

namespace KeenThistle\People;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class PlacesReader
{
    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** Those that are open first, in their order. */
    public function all(Actor $actor): PlacesView
    {
        $counts = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT p.id, (SELECT COUNT(*) FROM kit_item k WHERE k.place_id = p.id AND k.active = 1) tools,
                    (SELECT COUNT(*) FROM staff s WHERE s.place_id = p.id AND s.active = 1) people
                FROM place p WHERE p.salon_id = :salon',
            ) as $r
        ) {
            $counts[Row::id($r['id'])] = [Row::int($r['tools']) ?? 0, Row::int($r['people']) ?? 0];
        }
        $this->scope->apply($actor, $this->manager);
        $places = $this->manager->getRepository(Place::class)->findBy([], ['open' => 'DESC', 'position' => 'ASC']);

        return new PlacesView(
            array_map(
                static fn (Place $p): PlaceView => new PlaceView(
                    (string) $p->id,
                    $p->version,
                    $p->name,
                    $p->kind,
                    $p->open,
                    ...($counts[(string) $p->id] ?? [0, 0]),
                    hours: $p->hours,
                    closed: $p->closedDays,
                    stations: $p->stations + (new StationsForm())->row(),
                ),
                array_values($places),
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
