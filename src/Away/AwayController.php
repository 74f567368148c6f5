<?php

/** A day without a signal: which dogs a person's device holds, and what it needs to go on with one of them. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Book\Dogs;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class AwayController
{
    /** Raised when the response record changes, so that no device keeps an old one. */
    private const SHAPE = 2;

    public function __construct(
        private AwayDays $days,
        private AwayDog $dog,
        private OwnPinCheck $pin,
        private Dogs $dogs,
        private Scope $scope,
    ) {
    }

    #[Route('/api/away', methods: ['GET'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('The dogs of one\'s own week, which a device without a signal holds', gives: AwayView::class)]
    public function days(Actor $actor): Response
    {
        return Json::response($this->days->of($actor));
    }

    #[Route('/api/dogs/{id}/away', methods: ['GET'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'A dog\'s day for a device without a signal: arrival and groom as they would begin, and what every finding '.
            'comes to; answers 304 to If-None-Match while nothing has changed',
        gives: AwayDogView::class,
        query: ['on' => 'the day, today by default'],
    )]
    public function dog(Actor $actor, Request $request, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $on = $request->query->getString('on');
        $today = $this->scope->today($actor);
        $day = '' === $on ? $today : Shape::date()->read($on, 'on');
        \assert($day instanceof \DateTimeImmutable);
        if ($day < $today || $day > $today->modify('+'.AwayDays::DAYS.' days')) {
            throw Refused::field('on', \sprintf('must be today or one of the next %d days', AwayDays::DAYS));
        }
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $dog->id,
                $dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $day->format('Y-m-d'),
                $actor->staff,
                $actor->language,
                $this->days->versionOf($actor, $dog, $day),
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }

        return Json::withEtag(Json::response($this->dog->of($actor, $dog, $today, $day)), $etag);
    }

    #[Route('/api/me/pin/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Whether that is one\'s own PIN; a wrong one counts as one', status: 204)]
    public function pin(Actor $actor, Request $request, #[FromBody] PinForm $form): Response
    {
        $this->pin->hold($actor, $form->pin, (string) $request->getClientIp());

        return Json::response(null);
    }
}
