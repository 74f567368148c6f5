<?php

/** What a recipe would leave on a dog, asked while it is chosen. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dog;
use KeenThistle\Book\Dogs;
use KeenThistle\Book\HardLines;
use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Blend\Side;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\FromBody;
use KeenThistle\Http\Json;
use KeenThistle\Kit\KitReader;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class AnswerController
{
    public function __construct(
        private Dogs $dogs,
        private Plans $plans,
        private Visits $visits,
        private KitPlaces $places,
        private KitReader $kit,
        private Scope $scope,
    ) {
    }

    #[Route('/api/dogs/{id}/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What a recipe would leave on this dog: length, warnings, blends, what the kit in reach makes of it',
        gives: AnswerView::class,
    ),]
    public function answer(Actor $actor, string $id, #[FromBody] AnswerForm $form): Response
    {
        $zone = Zone::of($form->zone);
        $recipe = RecipeCodec::read($form->recipe, $zone);
        $dog = $this->dogs->get($actor, $id);
        [, $plan] = $this->plans->of($actor, $dog);
        $past = new History($this->visits->past($actor, $dog));
        $figures = new GrowthAndClocks($dog, $past, $this->scope->today($actor));
        $place = $this->places->of($actor, $form->place ?? '');
        $kit = $this->kit->match($actor, $place);
        $length = $this->kit->lengths($actor)->planned($recipe->forRules(), $zone, 'recipe.tool');

        return Json::response(
            new AnswerView(
                zone: $zone->id,
                length: $length->toArray(),
                blends: $this->blends($actor, $dog, $zone, $recipe, $length->finished, $plan, $kit),
                recovery: self::recovery($dog, $zone, $length->finished, $figures),
                here: GrowthAndClocks::here(
                    $recipe,
                    $length->finished,
                    $kit,
                    $this->kit->lengths($actor, $place),
                    null,
                ),
                options: self::options($recipe, $zone, $length->finished, $kit),
            ),
        );
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return list<array<string, mixed>>
     */
    private function blends(
        Actor $actor,
        Dog $dog,
        Zone $zone,
        ZoneRecipe $recipe,
        ?Length $finished,
        array $plan,
        KitMatch $kit,
    ): array {
        $lengths = $this->kit->lengths($actor);
        $blend = new BlendRule($kit);
        $out = [];
        if (null === $finished) {
            return [];
        }
        foreach ($zone->neighbours() as $next) {
            $other = $plan[$next->id]['recipe'] ?? null;
            $method = $other?->method;
            $other = null === $method ? null : $lengths->planned($other->forRules())->finished;
            if (null !== $other && null !== $method) {
                $own = new Side($finished, $zone, $recipe->method ?? Method::Leave);
                $line = HardLines::has($dog, $zone->id, $next->id);
                $b = $blend->between($own, new Side($other, $next, $method), $line)->toArray();
                $out[] = [
                    'zone' => $next->id,
                    'label' => $next->label,
                    'finished_mm' => $other->rounded(),
                    'blend' => $b['blend'],
                    'hard_line' => $line,
                    'words' => $b['words'],
                    'reasons' => $b['reasons'],
                ];
            }
        }

        return $out;
    }

    /** @return array<string, mixed>|null where the coat is cut shorter than it is carried */
    private static function recovery(Dog $dog, Zone $zone, ?Length $finished, GrowthAndClocks $figures): ?array
    {
        $carried = $figures->now($zone->id) ?? Length::ofMillimetres(NaturalLength::mm($dog->coat, $zone));
        if (null === $finished || !$finished->shorterThan($carried)) {
            return null;
        }

        return (new RecoveryRule())->weeksBack($figures->growth, $finished, $carried, $dog->stage)->toArray() + [
            'back_to_mm' => $carried->rounded(),
        ];
    }

    /** @return list<array<string, mixed>> other ways to the same length from the kit in reach */
    private static function options(ZoneRecipe $recipe, Zone $zone, ?Length $finished, KitMatch $kit): array
    {
        if (null === $finished || true !== $recipe->method?->hasToolLength()) {
            return [];
        }
        $lays = Lay::With === $recipe->lay || null === $recipe->lay ? [Lay::With] : [Lay::With, $recipe->lay];

        return array_map(
            static fn (Option $o): array => array_diff_key($o->toArray(), ['reasons' => 1, 'warnings' => 1]),
            \array_slice($kit->options($finished, $lays, null, $zone), 0, 4),
        );
    }
}
