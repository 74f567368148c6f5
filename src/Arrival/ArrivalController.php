<?php

/** Arrivals: open one, comb test, hands-on check, agreement. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;
use Symfony\Component\Uid\Uuid;

final readonly class ArrivalController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 1;

    public function __construct(
        private ArrivalRows $rows,
        private ArrivalAnswers $reckoning,
        private Scope $scope,
        private Writes $writes,
        private ChangeRecorder $log,
    ) {
    }

    #[Route('/api/dogs/{id}/arrivals', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('Open today\'s arrival of a dog, or go on with it', gives: ArrivalView::class)]
    public function open(Actor $actor, Request $request, string $id): Response
    {
        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $today = $this->scope->today($actor);
                $arrival = $manager->getRepository(Arrival::class)->findOneBy(['dog' => $dog, 'day' => $today]);
                if (null === $arrival) {
                    $who = $this->scope->person($actor);
                    $arrival = new Arrival(Uuid::v7(), $dog, $who, $today);
                    $manager->persist($arrival);
                    $this->log->record($actor, $manager, $dog, 'arrival', (string) $arrival->id, 'arrived');
                }

                return ['arrival' => (string) $arrival->id];
            },
            fn (array $done): ArrivalView => $this->reckoning->of(
                $actor,
                $this->rows->arrival($actor, \is_string($done['arrival']) ? $done['arrival'] : ''),
            ),
        );
    }

    #[Route('/api/arrivals/{id}', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'An arrival with everything that follows from it; answers 304 to If-None-Match while nothing has changed',
        gives: ArrivalView::class,
    ),]
    public function read(Actor $actor, Request $request, string $id): Response
    {
        $a = $this->rows->arrival($actor, $id);
        // Photos, agreements and handling raise the card's version when they are written.
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $a->id,
                $a->combVersion,
                $a->checkVersion,
                $a->state,
                $a->choice,
                $a->dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $actor->staff,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }

        return Json::withEtag(Json::response($this->reckoning->of($actor, $a)), $etag);
    }

    #[Route('/api/arrivals/{id}/comb', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'The comb test as it stands; answers with what follows from it',
        gives: CombView::class,
        takes: [CombInput::class, 'shape'],
        versioned: true,
    ),]
    public function comb(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, CombInput::shape());
        $comb = CombInput::comb($body);
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $comb, $version): array {
                $arrival = $this->rows->arrival($actor, $id, $manager);
                if ($arrival->combVersion !== $version) {
                    throw Problem::stale('Somebody else changed this comb test meanwhile.', [
                        'theirs' => $arrival->comb,
                        'version' => $arrival->combVersion,
                    ]);
                }
                $arrival->comb = $comb;
                $arrival->choice = $body->textOrNull('choice') ?? $arrival->choice;
                ++$arrival->combVersion;
                $view = $this->reckoning->comb($actor, $arrival);
                $arrival->load = $view->load;
                $arrival->choice = $view->choice;

                return [];
            },
            fn (): CombView => $this->reckoning->comb($actor, $this->rows->arrival($actor, $id)),
        );
    }

    #[Route('/api/arrivals/{id}/check', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'The hands-on check as it stands',
        gives: ArrivalView::class,
        takes: [HandsOn::class, 'shape'],
        versioned: true,
    ),]
    public function check(Actor $actor, Request $request, string $id): Response
    {
        Body::read($request, HandsOn::shape());
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $request, $id, $version): array {
                $arrival = $this->rows->arrival($actor, $id, $manager);
                if ($arrival->checkVersion !== $version) {
                    throw Problem::stale('Somebody else changed this check meanwhile.', [
                        'theirs' => $arrival->handsOn,
                        'version' => $arrival->checkVersion,
                    ]);
                }
                $given = json_decode($request->getContent(), true, 32, \JSON_THROW_ON_ERROR);
                $arrival->handsOn = [];
                foreach (\is_array($given) ? $given : [] as $name => $value) {
                    if ([] !== $value) {
                        $arrival->handsOn[(string) $name] = $value;
                    }
                }
                ++$arrival->checkVersion;

                return [];
            },
            fn (): ArrivalView => $this->reckoning->of($actor, $this->rows->arrival($actor, $id)),
        );
    }

    #[Route('/api/arrivals/{id}/agreement', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('The owner agrees, or refuses', gives: ArrivalView::class, takes: [Agree::class, 'shape'], status: 201)]
    public function agree(Actor $actor, Request $request, string $id, Agree $agree): Response
    {
        $body = Body::read($request, Agree::shape());

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $body, $agree): array {
                $agree($actor, $manager, $this->rows->arrival($actor, $id, $manager), $body);

                return [];
            },
            fn (): ArrivalView => $this->reckoning->of($actor, $this->rows->arrival($actor, $id)),
            201,
        );
    }
}
