<?php

/** A dog's order of work: its plan, the salon's schools, what handling and today's arrival say. */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dogs;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;
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

    #[Route('/api/dogs/{id}/kinds', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('What a visit of each kind is for a dog: how long, how much, which zones', gives: VisitKindsView::class)]
    public function kinds(Actor $actor, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $plan = Plans::recipes($this->plans->of($actor, $dog)[1]);
        $prices = $dog->salon->pricesOn($this->scope->today($actor));
        $kinds = array_map(function (Service $kind) use ($dog, $plan, $prices): VisitKindView {
            $minutes = $this->order->minutes($dog, $plan, null, $kind, $prices);
            $zones = array_filter(
                array_map(strval(...), array_keys($plan)),
                static fn (string $z): bool => $kind->concerns(Zone::of($z)),
            );

            return new VisitKindView(
                $kind->value,
                $kind->words(),
                null === $minutes ? null : round($minutes->likely, 1),
                $minutes?->slot,
                $minutes?->price,
                array_values($zones),
                $minutes->days ?? 1,
            );
        }, Service::cases());

        return Json::response(new VisitKindsView($kinds));
    }
}
