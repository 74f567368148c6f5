<?php

/** Changes to a trim plan, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Command\Http\Writes;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Problem;
use KeenThistle\Recipe\RecipeInput;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
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
    ),]
    public function put(Actor $actor, Request $request, string $id, string $zone): Response
    {
        $zone = self::zone($zone);

        return $this->change(
            $actor,
            $request,
            $id,
            $zone,
            RecipeInput::read(Body::read($request, RecipeInput::shape()), $zone),
        );
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Take a zone out of the plan', gives: ZoneChangedView::class, versioned: true)]
    public function delete(Actor $actor, Request $request, string $id, string $zone): Response
    {
        return $this->change($actor, $request, $id, self::zone($zone), new ZoneRecipe());
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'changes' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'version' => Shape::integer(0, 999_999_999)
                        ->required()
                        ->describe('of the zone, that this change was made from; 0: never planned'),
                    'recipe' => RecipeInput::shape()->nullable()->describe('null: take the zone out of the plan'),
                ]),
                1,
                \count(ZoneTable::ids()),
            )->required(),
        ]);
    }

    #[Route('/api/dogs/{id}/plan/changes', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Change several zones, such as both sides: all or none; 412 names the zone somebody changed meanwhile',
        gives: PlanChangedView::class,
        takes: [self::class, 'shape'],
    ),]
    public function several(Actor $actor, Request $request, string $id): Response
    {
        $wishes = self::wishes(Body::read($request, self::shape()));

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $wishes): array {
                $done = ($this->change)(
                    $actor,
                    $manager,
                    $this->scope->get($actor, Dog::class, $id, $manager, 'dog'),
                    $wishes,
                );

                // Of twenty zones no more is kept than what cannot be worked out again.
                return ['revision' => $done['revision'], 'changes' => array_column($done['zones'], 'change')];
            },
            static fn (array $done): PlanChangedView => PlanChangedView::of($wishes, $done),
        );
    }

    /**
     * @return array<string, array{version: int, recipe: ZoneRecipe}> by zone
     *
     * @throws InvalidInput
     */
    private static function wishes(Fields $body): array
    {
        $wishes = [];
        foreach ($body->objects('changes') as $i => $change) {
            $zone = Zone::of($change->text('zone'), "changes[$i].zone");
            if (isset($wishes[$zone->id])) {
                throw InvalidInput::at("changes[$i].zone", 'is named twice; one change a zone');
            }
            $recipe = $change->objectOrNull('recipe');
            $wishes[$zone->id] = [
                'version' => $change->int('version'),
                'recipe' => null === $recipe ? new ZoneRecipe() : RecipeInput::read($recipe, $zone),
            ];
        }

        return $wishes;
    }

    private function change(Actor $actor, Request $request, string $id, Zone $zone, ZoneRecipe $recipe): Response
    {
        $version = Body::version($request);

        return $this->writes->once(
            $actor,
            $request,
            function (EntityManagerInterface $manager) use ($actor, $id, $zone, $version, $recipe): array {
                $dog = $this->scope->get($actor, Dog::class, $id, $manager, 'dog');
                $done = ($this->change)($actor, $manager, $dog, [
                    $zone->id => ['version' => $version, 'recipe' => $recipe],
                ]);

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
