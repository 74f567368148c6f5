<?php

/** Price lists: what holds, what is coming, and what a change does to what is booked. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
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

final readonly class PriceController
{
    public function __construct(private Scope $scope, private Commands $commands)
    {
    }

    #[Route('/api/prices', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Price lists: those that hold and held, those that are coming', gives: PricesView::class)]
    public function read(Actor $actor): Response
    {
        return Json::response($this->view($actor));
    }

    #[Route('/api/prices/answer', methods: ['POST'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint(
        'What prices would do to what is booked, before they are saved',
        gives: EffectView::class,
        query: ['instead' => 'id of the list that would be changed'],
    ),]
    public function effect(Actor $actor, Request $request, #[FromBody] PricesForm $form, Effects $effects): Response
    {
        return Json::response($effects->of($actor, $form, $request->query->getString('instead')));
    }

    #[Route('/api/prices', methods: ['POST'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Begin a price list on a day', gives: PricesView::class, status: 201)]
    public function begin(Actor $actor, #[FromBody] PricesForm $form, Key $key): Response
    {
        $done = $this->commands->run(new BeginPrices($form), $actor, $key);

        return Answer::to($done, $this->view($actor), 201);
    }

    #[Route('/api/prices/{id}', methods: ['PUT'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Change a price list that has not begun before today', gives: PricesView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] PricesForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $done = $this->commands->run(new ChangePrices($id, $version, $form), $actor, $key);

        return Answer::to($done, $this->view($actor));
    }

    #[Route('/api/prices/{id}', methods: ['DELETE'])]
    #[IsGranted(May::HOUSE)]
    #[Endpoint('Drop a price list that has not begun', gives: PricesView::class)]
    public function drop(Actor $actor, string $id, #[FromIfMatch] int $version, Key $key): Response
    {
        $done = $this->commands->run(new DropPrices($id, $version), $actor, $key);

        return Answer::to($done, $this->view($actor));
    }

    private function view(Actor $actor): PricesView
    {
        return PricesView::of($this->scope->salon($actor), $this->scope->today($actor));
    }
}
