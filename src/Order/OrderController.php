<?php

/** A dog's order of work: its plan, the salon's schools, what handling and today's arrival say. */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dogs;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class OrderController
{
    public function __construct(
        private Dogs $dogs,
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/order', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('A dog\'s order of work today', gives: OrderView::class)]
    public function order(Actor $actor, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        [, $plan] = $this->plans->of($actor, $dog);
        $arrival = $this->manager
            ->getRepository(Arrival::class)
            ->findOneBy(['dog' => $dog, 'day' => $this->scope->today($actor)]);
        $list = $this->order->of($dog, Plans::recipes($plan), $arrival)->toArray();

        return Json::response(
            new OrderView($list['steps'], $list['tool_changes'], $list['moved'], $list['rest_every_minutes']),
        );
    }
}
