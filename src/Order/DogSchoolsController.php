<?php

/** A card may differ from the salon's schools: point by point, refused where this dog's order would break a must. */

declare(strict_types=1);

namespace KeenThistle\Order;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class DogSchoolsController
{
    public function __construct(
        private Scope $scope,
        private Commands $commands,
        private EntityManagerInterface $manager,
    ) {
    }

    #[Route('/api/dogs/{id}/schools', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint('On what points a card differs from the salon\'s schools', gives: DogSchoolsView::class)]
    public function read(Actor $actor, string $id): Response
    {
        return Json::response($this->view($actor, $id));
    }

    #[Route('/api/dogs/{id}/schools', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Let a card differ on one point, or not any more; 422 names the must it would break',
        gives: DogSchoolsView::class,
    ),]
    public function change(Actor $actor, string $id, #[FromBody] SchoolForm $school, Key $key): Response
    {
        $done = $this->commands->run(new ChangeSchool($id, $school), $actor, $key);

        return Answer::to($done, $this->view($actor, $id));
    }

    private function view(Actor $actor, string $id): DogSchoolsView
    {
        $dog = $this->scope->get($actor, Dog::class, $id, $this->manager, 'dog');
        $house = (new Schools($dog->salon->schools))->chosen;
        $own = Schools::known($dog->schools);
        $points = [];
        foreach (SchoolTable::rows() as $point => [$label, $sides, $changes]) {
            $points[] = [
                'point' => $point,
                'label' => $label,
                'changes' => $changes,
                'house' => $house[$point],
                // A side that no longer exists is as the house does it.
                'own' => $own[$point] ?? null,
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
