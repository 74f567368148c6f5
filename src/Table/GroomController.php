<?php

/** Grooms: what last time was like, come to the table, how it stands, taps, a reading of the probe. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\Dogs;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Kit\KitReader;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class GroomController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 3;

    public function __construct(
        private GroomRows $rows,
        private GroomReader $reader,
        private RepeatReader $repeat,
        private Dogs $dogs,
        private Visits $visits,
        private KitReader $kit,
        private Scope $scope,
        private Commands $commands,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/dogs/{id}/repeat', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Where last time differs from the card, before the first cut', gives: RepeatView::class)]
    public function last(Actor $actor, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $visits = $this->visits->of($actor, $dog);
        $lengths = $this->kit->lengths($actor);
        $zones = [];
        foreach ($this->repeat->rows($actor, $dog, $visits) as $r) {
            $card = null === $r['card'] ? null : $lengths->planned($r['card']->forRules())->finished;
            $zones[] = [
                'zone' => $r['zone'],
                'card' => $r['card']?->words(),
                'card_mm' => $card?->rounded(),
                'last' => $r['last']->words(),
                'last_mm' => $lengths->actual($r['last']->forRules(), Zone::of($r['zone']))->finished?->rounded(),
                'day' => $r['day'],
                'who' => $r['who'],
                'why' => $r['why'],
                'refused' => $r['refused'],
            ];
        }
        $last = end($visits);
        $open = $this->rows->open($dog);

        return Json::response(
            new RepeatView(null === $open ? null : (string) $open->id, false === $last ? null : $last['day'], $zones),
        );
    }

    #[Route('/api/dogs/{id}/grooms', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Bring a dog to the table, or go on with it', gives: GroomView::class)]
    public function open(Actor $actor, string $id, #[FromBody] OpenForm $form, Key $key): Response
    {
        $done = $this->commands->run(new OpenGroom($id, $form), $actor, $key);

        return Answer::to($done, $this->reader->view($actor, $this->rows->groom($actor, $done->id('groom'))));
    }

    #[Route('/api/grooms/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A groom as it stands; answers 304 to If-None-Match while nothing has been tapped',
        gives: GroomView::class,
    )]
    public function read(Actor $actor, Request $request, string $id): Response
    {
        $groom = $this->rows->groom($actor, $id);
        // Seconds are counted in the browser; what PHP says of minutes and of forgotten timers is a minute old at most.
        $clock = null !== $groom->closedAt ? $groom->closedAt->format('U') : $this->clock->now()->format('YmdHi');
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $groom->id,
                $groom->seq,
                $clock,
                $groom->dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }

        return Json::withEtag(Json::response($this->reader->view($actor, $groom)), $etag);
    }
}
