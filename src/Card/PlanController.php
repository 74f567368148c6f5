<?php

/** Changes to a trim plan, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Http\Writes;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PlanController
{
    public function __construct(private Writes $writes, private ChangePlanZone $change)
    {
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Change a zone\'s recipe; 412 with both values when somebody else changed it meanwhile', gives: ZoneChangedView::class, takes: [RecipeInput::class, 'shape'], versioned: true)]
    public function put(Request $request, string $id, string $zone): Response
    {
        $zone = self::zone($zone);
        $recipe = RecipeInput::read(Body::read($request, RecipeInput::shape()), $zone);
        $version = Body::version($request);

        return $this->writes->once($request, fn (EntityManagerInterface $manager): Response => Json::response(($this->change)($manager, $id, $zone, $version, $recipe)));
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Take a zone out of the plan', gives: ZoneChangedView::class, versioned: true)]
    public function delete(Request $request, string $id, string $zone): Response
    {
        $zone = self::zone($zone);
        $version = Body::version($request);

        return $this->writes->once($request, fn (EntityManagerInterface $manager): Response => Json::response(($this->change)($manager, $id, $zone, $version, new ZoneRecipe())));
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
