<?php

/** The card: everything about a dog that a groomer needs, from one request. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dogs;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visits;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class CardController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 5;
    private const KEPT_S = 3600;

    public function __construct(
        private Dogs $dogs,
        private Cards $cards,
        private Visits $visits,
        private Scope $scope,
        private CacheInterface $cache,
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
                $actor->role->value,
                $actor->language,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }
        // The tag says all that an answer hangs on, so whoever asks again with it is told the same.
        $body = $this->cache->get("card.$dog->id.$etag", function (ItemInterface $item) use (
            $actor,
            $dog,
            $today,
            $place,
            $wish,
        ): string {
            $item->expiresAfter(self::KEPT_S);

            return Json::text($this->cards->of($actor, $dog, $today, $place, $wish));
        });

        return Json::withEtag(Json::ofText($body), $etag);
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
