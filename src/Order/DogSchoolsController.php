<?php

/** A card may differ from the salon's schools: point by point, refused where this dog's order would break a must. */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Log\ChangeRecorder;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class DogSchoolsController
{
    public function __construct(
        private Scope $scope,
        private Writes $writes,
        private Plans $plans,
        private WorkOrder $order,
        private ChangeRecorder $log,
        private EntityManagerInterface $manager,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'point' => Shape::choice(array_keys(SchoolTable::rows()), 'point')->required(),
            'side' => Shape::line(0, 30)->nullable()->describe('null: as the house does it'),
        ]);
    }

    #[Route('/api/dogs/{id}/schools', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('On what points a card differs from the salon\'s schools', gives: DogSchoolsView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response(self::view($this->scope->get($actor, Dog::class, $id, $this->manager, 'dog')));
    }

    #[Route('/api/dogs/{id}/schools', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Let a card differ on one point, or not any more; 422 names the must it would break',
        gives: DogSchoolsView::class,
        takes: [self::class, 'shape'],
    ),]
    public function change(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::shape());
        $point = $body->text('point');
        $side = $body->textOrNull('side');
        $sides = array_map(strval(...), array_keys(SchoolTable::rows()[$point][1]));
        if (null !== $side && !\in_array($side, $sides, true)) {
            throw InvalidInput::notOneOf('side', $side, $sides, 'side');
        }

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $point, $side): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                // Held, so that two people changing different points both keep theirs.
                $manager->refresh($dog, LockMode::PESSIMISTIC_WRITE);
                $before = $dog->schools;
                $dog->schools = array_filter([$point => $side] + $before, static fn (?string $s): bool => null !== $s);
                $this->order->of(
                    $dog,
                    array_map(static fn (array $p): ZoneRecipe => $p['recipe'], $this->plans->of($actor, $dog)[1]),
                    null,
                );
                if ($before !== $dog->schools) {
                    [$label, $rows] = SchoolTable::rows()[$point];
                    $this->log->record(
                        $actor,
                        $manager,
                        $dog,
                        'dog',
                        (string) $dog->id,
                        \sprintf(
                            '%s: %s',
                            mb_strtolower($label),
                            null === $side ? 'as the house does it' : $rows[$side][0],
                        ),
                    );
                }

                return [];
            },
            fn (array $done, EntityManagerInterface $manager): DogSchoolsView => self::view(
                $this->scope->get($actor, Dog::class, $id, $manager, 'dog'),
            ),
        );
    }

    private static function view(Dog $dog): DogSchoolsView
    {
        $house = $dog->salon->schools + SchoolTable::defaults();
        $points = [];
        foreach (SchoolTable::rows() as $point => [$label, $sides]) {
            $points[] = [
                'point' => $point,
                'label' => $label,
                'house' => $house[$point],
                'own' => $dog->schools[$point] ?? null,
                'sides' => array_map(
                    static fn (string|int $id, array $side): array => [
                        'id' => (string) $id,
                        'what' => $side[0],
                        'why' => $side[1],
                    ],
                    array_keys($sides),
                    array_values($sides),
                ),
            ];
        }

        return new DogSchoolsView($points);
    }
}
