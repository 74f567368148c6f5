<?php

/** The card of one dog, and the answers its screen asks for while something is being changed. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dogs;
use KeenThistle\Book\DogView;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Diary\Bookings;
use KeenThistle\Http\Body;
use KeenThistle\Http\Endpoint;
use KeenThistle\Http\Json;
use KeenThistle\Http\Problem;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\RecentChanges;
use KeenThistle\Log\RecentChangeView;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\RecipeInput;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\IsGranted;

final readonly class CardController
{
    /** Raised when the response record changes, so that no browser keeps an old one. */
    private const SHAPE = 1;

    public function __construct(
        private Dogs $dogs,
        private Plans $plans,
        private Visits $visits,
        private RecentChanges $changes,
        private Bookings $bookings,
        private KitReader $kit,
        private Scope $scope,
    ) {
    }

    #[Route('/api/dogs/{id}/card', methods: ['GET'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'A dog\'s card; answers 304 to If-None-Match while nothing on it has changed',
        gives: CardView::class,
        query: ['place' => 'id of the place whose kit answers', 'wish' => 'an owner\'s own interval in weeks'],
    ),]
    public function card(Actor $actor, Request $request, string $id): Response
    {
        $dog = $this->dogs->get($actor, $id);
        $today = $this->scope->today($actor);
        $place = $request->query->getString('place');
        $wish = $this->wish($request) ?? $dog->wishWeeks;
        $etag = hash(
            'xxh128',
            implode('|', [
                self::SHAPE,
                $dog->cardVersion,
                $this->scope->salon($actor)->kitVersion,
                $today->format('Y-m-d'),
                $place,
                (string) $wish,
                $actor->staff,
            ]),
        );
        if (Json::matches($request, $etag)) {
            return Json::notModified($etag);
        }
        $place = $this->place($actor, $place);
        [$revision, $plan] = $this->plans->of($actor, $dog);
        $visits = $this->visits->of($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($visits), $today);
        $changes = $this->changes->of($actor, $dog->id);
        [$zones, $worst] = $this->zones($actor, $dog->coat, $plan, $figures, $place, $changes);

        return Json::withEtag(
            Json::response(
                new CardView(
                    DogView::of($dog, $actor->may(May::PHONE)),
                    StandingCautions::of($dog),
                    $place,
                    $zones,
                    $worst,
                    $figures->growthView(),
                    $figures->interval($plan, $this->kit->lengths($actor), $wish),
                    array_map(self::visit(...), array_reverse($visits)),
                    $this->bookings->ahead($actor, $dog, $today),
                    $changes,
                    $revision,
                    $today->format('Y-m-d'),
                ),
            ),
            $etag,
        );
    }

    public static function answerShape(): Shape
    {
        return Shape::object([
            'zone' => Zone::shape()->required(),
            'recipe' => RecipeInput::shape()->required(),
            'place' => Shape::text(0, 36)->nullable(),
        ]);
    }

    #[Route('/api/dogs/{id}/answer', methods: ['POST'])]
    #[IsGranted(May::READ)]
    #[Endpoint(
        'What a recipe would leave on this dog: length, warnings, blends, what the kit in reach makes of it',
        gives: AnswerView::class,
        takes: [self::class, 'answerShape'],
    ),]
    public function answer(Actor $actor, Request $request, string $id): Response
    {
        $body = Body::read($request, self::answerShape());
        $zone = Zone::of($body->text('zone'));
        $recipe = RecipeInput::read($body->object('recipe'), $zone);
        $dog = $this->dogs->get($actor, $id);
        [, $plan] = $this->plans->of($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($this->visits->of($actor, $dog)), $this->scope->today($actor));
        $place = $this->place($actor, $body->textOrNull('place') ?? '');
        $kit = $this->kit->match($actor, $place);
        $lengths = $this->kit->lengths($actor);
        $length = $lengths->planned($recipe->forRules(), $zone, 'recipe.tool');
        $blends = [];
        $blend = new BlendRule($kit);
        foreach ($zone->neighbours() as $next) {
            $other =
                isset($plan[$next->id]) && null !== $plan[$next->id]['recipe']->method
                    ? $lengths->planned($plan[$next->id]['recipe']->forRules())->finished
                    : null;
            if (null !== $other && null !== $length->finished) {
                $b = $blend->between($length->finished, $other)->toArray();
                $blends[] = [
                    'zone' => $next->id,
                    'label' => $next->label,
                    'finished_mm' => $other->rounded(),
                    'blend' => $b['blend'],
                    'words' => $b['words'],
                    'reasons' => $b['reasons'],
                ];
            }
        }
        $recovery = null;
        $carried = $figures->now($zone->id) ?? Length::ofMillimetres(NaturalLength::mm($dog->coat, $zone));
        if (null !== $length->finished && $length->finished->shorterThan($carried)) {
            $recovery = (new RecoveryRule())
                ->weeksBack($figures->growth, $length->finished, $carried, $dog->stage)
                ->toArray() + ['back_to_mm' => $carried->rounded()];
        }
        $lays = Lay::With === $recipe->lay || null === $recipe->lay ? [Lay::With] : [Lay::With, $recipe->lay];

        return Json::response(
            new AnswerView(
                $zone->id,
                $length->toArray(),
                $blends,
                $recovery,
                GrowthAndClocks::here($recipe, $length->finished, $kit, $this->kit->lengths($actor, $place), null),
                null === $length->finished || true !== $recipe->method?->hasToolLength()
                    ? []
                    : array_map(
                        static fn (Option $o): array => array_diff_key(
                            $o->toArray(),
                            ['reasons' => 1, 'warnings' => 1],
                        ),
                        \array_slice($kit->options($length->finished, $lays, null, $zone), 0, 4),
                    ),
            ),
        );
    }

    private function wish(Request $request): ?int
    {
        $wish = $request->query->getString('wish');
        if ('' === $wish) {
            return null;
        }
        if (!ctype_digit($wish) || (int) $wish < 1 || (int) $wish > 52) {
            throw InvalidInput::at('wish', 'must be 1 to 52 weeks');
        }

        return (int) $wish;
    }

    /** The id of the place asked for; the person's own or the first one where none is. */
    private function place(Actor $actor, string $id): string
    {
        $known = [];
        foreach ($this->kit->rows($actor) as $row) {
            $known[$row['place']] = true;
        }
        if ('' !== $id) {
            return isset($known[$id]) ? $id : throw Problem::notFound('place with tools');
        }
        $own = $this->scope->person($actor)->place?->id;
        if (null !== $own && isset($known[(string) $own])) {
            return (string) $own;
        }

        return (string) (array_key_first($known) ?? '');
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     * @param list<RecentChangeView> $changes
     *
     * @return array{list<ZoneView>, string|null}
     */
    private function zones(
        Actor $actor,
        \KeenThistle\Core\Coat\CoatType $coat,
        array $plan,
        GrowthAndClocks $figures,
        string $place,
        array $changes,
    ): array {
        $home = $this->kit->lengths($actor);
        $there = $this->kit->lengths($actor, $place);
        $kit = $this->kit->match($actor, $place);
        $changed = [];
        foreach (array_reverse($changes) as $change) {
            if ('plan_zone' === $change->kind) {
                $changed[$change->subject] = $change;
            }
        }
        $zones = [];
        $before = null;
        $worst = null;
        $worstDifference = 0.0;
        foreach (ZoneTable::all() as $id => $zone) {
            $p = $plan[$id] ?? null;
            $natural = NaturalLength::mm($coat, $zone);
            $now = $figures->now($id)?->rounded();
            $by = $changed[$id] ?? null;
            if (null === $p || null === $p['recipe']->method) {
                $zones[] = new ZoneView(
                    $id,
                    $p['version'] ?? 0,
                    null,
                    null,
                    null,
                    null,
                    null,
                    false,
                    $now,
                    $natural,
                    null,
                    null,
                    $by?->who,
                    $by?->at,
                );
                continue;
            }
            $recipe = $p['recipe']->forRules();
            $length = $home->planned($recipe);
            $answer = $length->toArray();
            $here = GrowthAndClocks::here($p['recipe'], $length->finished, $kit, $there, $before);
            $before = $recipe->tool->isBlade() || $recipe->tool->isGuard() ? $recipe->tool : $before;
            if (abs($here->difference_mm ?? 0.0) > $worstDifference) {
                $worst = $id;
                $worstDifference = abs($here->difference_mm ?? 0.0);
            }
            $fillBack =
                true === $p['recipe']->exception && null !== $length->finished
                    ? $figures->fillBack($length->finished, Length::ofMillimetres($natural))
                    : null;
            $zones[] = new ZoneView(
                $id,
                $p['version'],
                RecipeView::of($p['recipe']),
                $answer['finished_mm'],
                $answer['low_mm'],
                $answer['high_mm'],
                $answer['inch'],
                $answer['estimated'],
                $now,
                $natural,
                $here,
                $fillBack,
                $by?->who,
                $by?->at,
            );
        }

        return [$zones, $worst];
    }

    /**
     * @param array{id: string, day: string, kind: string, staff: string, place: string, minutes: int|null,
     *     load: float|null, tender: int, upkeep: string|null, stage: string|null, note: string,
     *     zones: list<array{zone: string,
     * state: string, planned: ZoneRecipe, actual: ZoneRecipe, why: string, finished_um: int|null,
     *     arrival_um: int|null, owner_cut: bool}>} $v
     */
    private static function visit(array $v): VisitView
    {
        return new VisitView(
            $v['id'],
            $v['day'],
            $v['kind'],
            $v['staff'],
            $v['place'],
            $v['minutes'],
            $v['load'],
            $v['tender'],
            $v['upkeep'],
            $v['note'],
            array_map(
                static fn (array $z): VisitZoneView => new VisitZoneView(
                    $z['zone'],
                    $z['state'],
                    null === $z['planned']->method ? null : $z['planned']->words(),
                    null === $z['actual']->method ? null : $z['actual']->words(),
                    $z['why'],
                    null === $z['finished_um'] ? null : round($z['finished_um'] / 1000, 1),
                    null === $z['arrival_um'] ? null : round($z['arrival_um'] / 1000, 1),
                    $z['owner_cut'],
                ),
                $v['zones'],
            ),
        );
    }
}
