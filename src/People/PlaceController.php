<?php

/** The places of the salon: added, renamed, closed with what lives there moved, opened again. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PlaceController
{
    public function __construct(private PlacesReader $places, private Commands $commands)
    {
    }

    #[Route('/api/places', methods: ['GET'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('The places of the salon, closed ones too', gives: PlacesView::class)]
    public function all(Actor $actor): Response
    {
        return Json::response($this->places->all($actor));
    }

    #[Route('/api/places', methods: ['POST'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('A new place', gives: PlaceView::class, status: 201)]
    public function add(Actor $actor, #[FromBody] PlaceForm $place, Key $key): Response
    {
        $done = $this->commands->run(new KeepPlace($place), $actor, $key);

        return Answer::to($done, $this->places->one($actor, $done->id('place')), 201);
    }

    #[Route('/api/places/{id}', methods: ['PUT'])]
    #[IsGranted(May::PEOPLE)]
    #[Endpoint('Rename, close or open a place; 412 when somebody else did meanwhile', gives: PlaceView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] PlaceForm $place,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new KeepPlace($place, $id, $version), $actor, $key);

        return Answer::to($done, $this->places->one($actor, $id));
    }
}
