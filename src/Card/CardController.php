<?php

/** The card: everything about a dog that a groomer needs, from one request. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dogs;
use KeenThistle\Book\DogView;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Diary\Bookings;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\RecentChanges;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class CardController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 3;

    public function __construct(
        private Dogs $dogs,
        private Plans $plans,
        private Visits $visits,
        private Bookings $bookings,
        private RecentChanges $changes,
        private CardZones $zones,
        private KitPlaces $places,
        private KitReader $kit,
        private Scope $scope,
    ) {
    }

    #[Route('/api/dogs/{id}/card', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A dog\'s card; answers 304 to If-None-Match while nothing on it has changed',
        gives: CardView::class,
        query: ['place' => 'id of the place whose kit answers', 'wish' => 'an owner\'s own interval in weeks'],
    )]
    public function card(Actor $actor, Request $request, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $today = $this->scope->today($actor);
        $place = $request->query->getString('place');
        $wish = self::wish($request) ?? $dog->wishWeeks;
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $today->format('Y-m-d'),
                $place,
                (string) $wish,
                $actor->staff,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }
        $place = $this->places->of($actor, $place);
        [$revision, $plan] = $this->plans->of($actor, $dog);
        $visits = $this->visits->past($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($visits), $today);
        $changes = $this->changes->of($actor, $dog->id);
        [$zones, $worst] = $this->zones->of($actor, $dog, $plan, $figures, $place, $changes);

        return Json::withEtag(
            Json::response(
                new CardView(
                    dog: DogView::of($dog, $actor->may(May::PHONE)),
                    cautions: StandingCautions::of($dog),
                    place: $place,
                    zones: $zones,
                    worst_here: $worst,
                    growth: $figures->growthView(),
                    interval: $figures->interval($plan, $this->kit->lengths($actor), $wish),
                    visits: array_map(VisitView::of(...), array_reverse($visits)),
                    bookings: $this->bookings->ahead($actor, $dog, $today),
                    changes: $changes,
                    revision: $revision,
                    today: $today->format('Y-m-d'),
                ),
            ),
            $etag,
        );
    }

    #[Route('/api/visits/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What was planned and what was done in a visit, zone by zone', gives: VisitZonesView::class)]
    public function visit(Actor $actor, string $id): Response
    {
        return Json::response(
            new VisitZonesView($id, array_map(VisitZoneView::of(...), $this->visits->zones($actor, $id))),
        );
    }

    private static function wish(Request $request): ?int
    {
        $wish = $request->query->getString('wish');
        if ('' === $wish) {
            return null;
        }
        if (!ctype_digit($wish) || (int) $wish < 1 || (int) $wish > 52) {
            throw InvalidInput::at('wish', 'must be 1 to 52 weeks');
        }

        return (int) $wish;
    }
}
