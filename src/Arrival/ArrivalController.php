<?php

/** Arrivals: open one, comb test, hands-on check, agreement. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class ArrivalController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 4;

    public function __construct(
        private ArrivalRows $rows,
        private ArrivalAnswers $answers,
        private Scope $scope,
        private Commands $commands,
    ) {
    }

    #[Route('/api/dogs/{id}/arrivals', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Open today\'s arrival of a dog, or go on with it',
        gives: ArrivalView::class,
        query: ['id' => 'the id a device gave it while it had no signal'],
    ),]
    public function open(Actor $actor, Request $request, string $id, Key $key): Response
    {
        $as = $request->query->getString('id');
        $done = $this->commands->run(new OpenArrival($id, '' === $as ? null : $as), $actor, $key);

        return Answer::to($done, $this->view($actor, $done->id('arrival')));
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
        $prices = $a->salon->pricesOn($a->day);
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
                $prices->id,
                $prices->version,
                json_encode($a->extras, \JSON_THROW_ON_ERROR),
                $a->dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $actor->staff,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }

        return Json::withEtag(Json::response($this->answers->of($actor, $a)), $etag);
    }

    #[Route('/api/arrivals/{id}/kind', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('What the dog has come for; minutes, price and an open groom follow', gives: ArrivalView::class)]
    public function kind(Actor $actor, string $id, #[FromBody] KindForm $form, Key $key): Response
    {
        $done = $this->commands->run(new ChangeKind($id, $form->kind, $form->extras), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/arrivals/{id}/comb', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('The comb test as it stands; answers with what follows from it', gives: CombView::class)]
    public function comb(
        Actor $actor,
        string $id,
        #[FromBody([CombInput::class, 'shape'])] Fields $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $command = new KeepCombTest($id, $version, CombInput::comb($form), $form->textOrNull('choice'));
        $done = $this->commands->run($command, $actor, $key);

        return Answer::to($done, $done->inHand ?? $this->answers->comb($actor, $this->rows->arrival($actor, $id)));
    }

    #[Route('/api/arrivals/{id}/check', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('The hands-on check as it stands', gives: ArrivalView::class)]
    public function check(
        Actor $actor,
        Request $request,
        string $id,
        #[FromBody([HandsOn::class, 'shape'])] Fields $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        // Kept as it came, once it has been read against its shape.
        $check = [];
        foreach ((array) json_decode($request->getContent(), true, 32, \JSON_THROW_ON_ERROR) as $name => $value) {
            if ([] !== $value) {
                $check[(string) $name] = $value;
            }
        }
        $done = $this->commands->run(new KeepCheck($id, $version, $check), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    #[Route('/api/arrivals/{id}/agreement', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('The owner agrees, or refuses', gives: ArrivalView::class, status: 201)]
    public function agree(Actor $actor, string $id, #[FromBody] AgreementForm $form, Key $key): Response
    {
        $done = $this->commands->run(new Agree($id, $form), $actor, $key);

        return Answer::to($done, $this->view($actor, $id), 201);
    }

    private function view(Actor $actor, string $id): ArrivalView
    {
        return $this->answers->of($actor, $this->rows->arrival($actor, $id));
    }
}
