<?php

/** The wash: today's mixes, products, bottles with their labels, and what a skin did not bear. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Command\Command;
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

final readonly class WashController
{
    public function __construct(private WashReader $wash, private Commands $commands)
    {
    }

    #[Route('/api/wash', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('Today\'s washing: dogs, mixes, bottles, stock', gives: WashView::class)]
    public function day(Actor $actor): Response
    {
        return Json::response($this->wash->view($actor));
    }

    #[Route('/api/wash/products', methods: ['POST'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('A new product', gives: WashView::class, status: 201)]
    public function add(Actor $actor, #[FromBody] ProductForm $product, Key $key): Response
    {
        return $this->do(new AddProduct($product), $actor, $key, 201);
    }

    #[Route('/api/wash/products/{id}', methods: ['PUT'])]
    #[IsGranted(May::KIT)]
    #[Endpoint('Change a product, its stock, or take it out of use', gives: WashView::class)]
    public function change(
        Actor $actor,
        string $id,
        #[FromBody] ProductForm $product,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        return $this->do(new ChangeProduct($id, $version, $product), $actor, $key);
    }

    #[Route('/api/wash/bottles', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'Mix: bottles with their labels, the concentrate taken from the stock',
        gives: WashView::class,
        status: 201,
    )]
    public function mix(Actor $actor, #[FromBody] MixForm $mix, Key $key): Response
    {
        return $this->do(new MixBottles($mix), $actor, $key, 201);
    }

    #[Route('/api/wash/bottles/{id}', methods: ['PUT'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('A bottle is empty, or stands there after all', gives: WashView::class)]
    public function pour(
        Actor $actor,
        string $id,
        #[FromBody] PouredForm $form,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        return $this->do(new EmptyBottle($id, $version, $form->poured), $actor, $key);
    }

    #[Route('/api/dogs/{id}/reactions', methods: ['POST'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint(
        'A skin did not bear a product: it stands on the dog\'s card from now on',
        gives: WashView::class,
        status: 201,
    )]
    public function react(Actor $actor, string $id, #[FromBody] ReactionForm $reaction, Key $key): Response
    {
        return $this->do(new NoteReaction($id, $reaction), $actor, $key, 201);
    }

    #[Route('/api/dogs/{id}/reactions/{reaction}', methods: ['DELETE'])]
    #[IsGranted(May::VISIT)]
    #[Endpoint('A reaction was written down by mistake, or a vet has cleared it', gives: WashView::class)]
    public function unreact(Actor $actor, string $id, string $reaction, Key $key): Response
    {
        return $this->do(new ClearReaction($id, $reaction), $actor, $key);
    }

    private function do(Command $command, Actor $actor, Key $key, int $status = 200): Response
    {
        $done = $this->commands->run($command, $actor, $key);

        return Answer::to($done, $this->wash->view($actor), $status);
    }
}
