<?php

/** Changes to a trim plan, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Writes;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Problem;
use KeenThistle\Recipe\RecipeInput;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PlanController
{
    public function __construct(private Scope $scope, private Writes $writes, private ChangePlan $change)
    {
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Change a zone\'s recipe; 412 with both values when somebody else changed it meanwhile',
        gives: ZoneChangedView::class,
        takes: [RecipeInput::class, 'shape'],
        versioned: true,
    )]
    public function put(Request $request, string $id, string $zone): Response
    {
        $zone = self::zone($zone);

        return $this->change(
            $request,
            $id,
            $zone,
            RecipeInput::read(Body::read($request, RecipeInput::shape()), $zone),
        );
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Take a zone out of the plan', gives: ZoneChangedView::class, versioned: true)]
    public function delete(Request $request, string $id, string $zone): Response
    {
        return $this->change($request, $id, self::zone($zone), new ZoneRecipe());
    }

    private function change(Request $request, string $id, Zone $zone, ZoneRecipe $recipe): Response
    {
        $version = Body::version($request);

        return $this->writes->once(
            $request,
            function (EntityManagerInterface $manager) use ($id, $zone, $version, $recipe): array {
                $dog = $this->scope->get(Dog::class, $id, $manager, 'dog');
                $done = ($this->change)($manager, $dog, [$zone->id => ['version' => $version, 'recipe' => $recipe]]);

                return ['revision' => $done['revision']] + $done['zones'][$zone->id];
            },
            static fn (array $done): ZoneChangedView => ZoneChangedView::of($zone->id, $recipe, $done),
        );
    }

    private static function zone(string $id): Zone
    {
        try {
            return Zone::of($id);
        } catch (InvalidInput) {
            throw Problem::notFound('zone');
        }
    }
}
