<?php

/** Changes to a trim plan, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Command\Commands;
use KeenThistle\Command\Http\Answer;
use KeenThistle\Command\Key;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\FromIfMatch;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class PlanController
{
    public function __construct(private Commands $commands)
    {
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['PUT'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Change a zone\'s recipe; 412 with both values when somebody else changed it meanwhile',
        gives: ZoneChangedView::class,
    )]
    public function put(
        Actor $actor,
        string $id,
        string $zone,
        #[FromBody([RecipeCodec::class, 'shape'])] Fields $recipe,
        #[FromIfMatch] int $version,
        Key $key,
    ): Response {
        $zone = self::zone($zone);
        $wish = ['version' => $version, 'recipe' => RecipeCodec::read($recipe, $zone)];

        return $this->one(new ChangeZones($id, [$zone->id => $wish]), $actor, $key);
    }

    #[Route('/api/dogs/{id}/plan/{zone}', methods: ['DELETE'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint('Take a zone out of the plan', gives: ZoneChangedView::class)]
    public function delete(Actor $actor, string $id, string $zone, #[FromIfMatch] int $version, Key $key): Response
    {
        $wish = ['version' => $version, 'recipe' => new ZoneRecipe()];

        return $this->one(new ChangeZones($id, [self::zone($zone)->id => $wish]), $actor, $key);
    }

    #[Route('/api/dogs/{id}/plan/changes', methods: ['POST'])]
    #[IsGranted(May::PLAN)]
    #[Endpoint(
        'Change several zones, such as both sides: all or none; 412 names the zone somebody changed meanwhile',
        gives: PlanChangedView::class,
    )]
    public function several(Actor $actor, string $id, #[FromBody] ZoneWishes $wishes, Key $key): Response
    {
        $command = new ChangeZones($id, $wishes->byZone());
        $done = $this->commands->run($command, $actor, $key);

        return Answer::to($done, PlanChangedView::of($command->wishes, $done->kept));
    }

    private function one(ChangeZones $command, Actor $actor, Key $key): Response
    {
        $done = $this->commands->run($command, $actor, $key);

        return Answer::to($done, PlanChangedView::of($command->wishes, $done->kept)->zones[0]);
    }

    private static function zone(string $id): Zone
    {
        try {
            return Zone::of($id);
        } catch (InvalidInput) {
            throw Refused::notFound('zone');
        }
    }
}
