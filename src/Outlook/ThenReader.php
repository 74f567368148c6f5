<?php

/** Reads a dog at two moments: a visit, today, or the plan as if it had been done today; and the weeks to come. */

declare(strict_types=1);

namespace KeenThistle\Outlook;

use KeenThistle\Book\Dog;
use KeenThistle\Book\Dogs;
use KeenThistle\Book\DogView;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Outlook\Compare;
use KeenThistle\Core\Outlook\OutlookRule;
use KeenThistle\Core\Outlook\ZoneThen;
use KeenThistle\Core\Timing\ZoneMinutes;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Kit\KitReader;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;

/**
 * @phpstan-import-type VisitRow from Visits
 * @phpstan-import-type Side from ThenView
 */
final readonly class ThenReader
{
    public const WEEKS = 26;

    public function __construct(
        private Dogs $dogs,
        private Visits $visits,
        private Plans $plans,
        private KitReader $kit,
        private WorkOrder $order,
        private ThenRows $rows,
        private Scope $scope,
    ) {
    }

    /** @param string $a id of a visit, "today" or "plan"; "": the last visit. @param string $b the same; "": today */
    public function view(Actor $actor, string $id, string $a, string $b): ThenView
    {
        $dog = $this->dogs->get($actor, $id);
        $today = $this->scope->today($actor);
        $visits = $this->visits->of($actor, $dog);
        [, $plan] = $this->plans->of($actor, $dog);
        $figures = new GrowthAndClocks($dog, new History($visits), $today);
        $newest = array_reverse($visits);
        $b = '' === $b ? 'today' : $b;
        $a = '' === $a ? $newest[0]['id'] ?? 'plan' : $a;
        $then = $this->zones($actor, $a, $dog, $visits, $plan, $figures);
        $now = $this->zones($actor, $b, $dog, $visits, $plan, $figures);

        return new ThenView(
            DogView::of($dog, $actor->may(May::PHONE)),
            $today->format('Y-m-d'),
            array_map(
                static fn (array $v): array => [
                    'id' => $v['id'],
                    'day' => $v['day'],
                    'kind' => $v['kind'],
                    'who' => $v['staff'],
                ],
                $newest,
            ),
            $this->side($actor, $a, $then, $dog, $visits, $today),
            $this->side($actor, $b, $now, $dog, $visits, $today),
            Compare::zones($then, $now),
            $figures->growthView(),
            array_map(static fn (Zone $z): float => NaturalLength::mm($dog->coat, $z), ZoneTable::all()),
            $this->outlook($actor, $dog, $plan, $figures, $today, 'plan' === $b),
        );
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return array<string, mixed>
     */
    private function outlook(
        Actor $actor,
        Dog $dog,
        array $plan,
        GrowthAndClocks $figures,
        \DateTimeImmutable $today,
        bool $asPlanned,
    ): array {
        $facts = $figures->facts($plan, $this->kit->lengths($actor), $asPlanned ? $today : null);
        $elapsed = max(0.0, ($today->getTimestamp() - ($facts->from ?? $today)->getTimestamp()) / 604_800);
        $carried = $asPlanned
            ? null
            : array_map(
                static fn (ZoneLeft $z): ZoneLeft => new ZoneLeft(
                    $z->zone,
                    $figures->now($z->zone->id) ?? $z->finished,
                    $z->method,
                    $z->forcedByMat,
                ),
                $facts->zones,
            );
        $there = array_diff_key(ZoneTable::all(), array_flip($dog->absentZones()));
        $has = array_keys(
            array_filter($there, static fn (Zone $z): bool => NaturalLength::mm($dog->coat, $z) >= 15),
        );
        $out = (new OutlookRule())
            ->ahead($facts, self::WEEKS, $this->rows->found($actor, $dog), $has, $elapsed, $carried)
            ->toArray();

        return $out + [
            'from' => ($facts->from ?? $today)->format('Y-m-d'),
            'elapsed_weeks' => round($elapsed, 1),
            'limit' => $dog->salon->matLimit,
        ];
    }

    /**
     * @param list<VisitRow> $visits
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan
     *
     * @return array<string, ZoneThen>
     */
    private function zones(
        Actor $actor,
        string $side,
        Dog $dog,
        array $visits,
        array $plan,
        GrowthAndClocks $figures,
    ): array {
        $zones = [];
        if ('today' === $side) {
            foreach (array_keys($figures->history->left) as $zone) {
                $zones[$zone] = new ZoneThen($figures->now($zone), state: ZoneThen::CARRIED);
            }

            return $zones;
        }
        if ('plan' === $side) {
            $recipes = array_filter(
                array_map(static fn (array $p): ZoneRecipe => $p['recipe'], $plan),
                static fn (ZoneRecipe $r): bool => null !== $r->method,
            );
            $minutes = $this->minutes($dog, $recipes, null);
            foreach ($recipes as $zone => $r) {
                $zones[$zone] = self::then(
                    $r,
                    $this->kit->lengths($actor)->planned($r->forRules())->finished,
                    'planned',
                    $minutes[$zone] ?? null,
                    '',
                    '',
                );
            }

            return $zones;
        }
        $visit = self::visit($visits, $side);
        $done = [];
        foreach ($visit['zones'] as $z) {
            if (null !== $z['actual']->method && \in_array($z['state'], ['done', 'partly'], true)) {
                $done[$z['zone']] = $z['actual'];
            }
        }
        $minutes = $this->minutes($dog, $done, $visit['minutes']);
        foreach ($visit['zones'] as $z) {
            $cut = isset($done[$z['zone']]);
            $zones[$z['zone']] = self::then(
                $z['actual'],
                $cut
                    ? (null === $z['finished_um']
                        ? null
                        : Length::ofMicrometres($z['finished_um']))
                    : (null === $z['arrival_um']
                        ? null
                        : Length::ofMicrometres($z['arrival_um'])),
                $z['state'],
                $minutes[$z['zone']] ?? null,
                $visit['staff'],
                $z['why'],
            );
        }

        return $zones;
    }

    private static function then(
        ZoneRecipe $r,
        ?Length $length,
        string $state,
        ?float $minutes,
        string $who,
        string $why,
    ): ZoneThen {
        return new ZoneThen(
            $length,
            null === $r->method ? '' : $r->forRules()->tool->words(),
            true === $r->method?->hasToolLength() ? $r->forRules()->lay : null,
            $r->shape ?? '',
            $r->stopLine ?? '',
            $r->reason ?? '',
            $state,
            $minutes,
            $who,
            $why,
            true === $r->exception,
        );
    }

    /**
     * @param array<string, ZoneRecipe> $recipes
     *
     * @return array<string, float>
     */
    private function minutes(Dog $dog, array $recipes, ?int $took): array
    {
        $likely = $this->order->minutes($dog, $recipes, null);
        if (null === $likely) {
            return [];
        }
        $methods = array_filter(array_map(static fn (ZoneRecipe $r): ?Method => $r->method, $recipes));
        $scale = null === $took || $likely->likely <= 0 ? 1.0 : $took / $likely->likely;

        return array_map(
            static fn (float $m): float => round($m * $scale, 1),
            ZoneMinutes::of($methods, $likely->scaled()),
        );
    }

    /**
     * @param array<string, ZoneThen> $zones
     * @param list<VisitRow> $visits
     *
     * @return Side
     */
    private function side(
        Actor $actor,
        string $side,
        array $zones,
        Dog $dog,
        array $visits,
        \DateTimeImmutable $today,
    ): array {
        $visit = \in_array($side, ['today', 'plan'], true) ? null : self::visit($visits, $side);
        $day = $visit['day'] ?? $today->format('Y-m-d');

        return [
            'id' => $side,
            'day' => $day,
            'title' => match ($side) {
                'today' => 'as it should be today',
                'plan' => 'as planned',
                default => ($visit['kind'] ?? '').' visit',
            },
            'who' => $visit['staff'] ?? null,
            'place' => $visit['place'] ?? null,
            'minutes' => $visit['minutes'] ?? null,
            'load' => $visit['load'] ?? null,
            'note' => $visit['note'] ?? '',
            'zones' => array_map(
                static fn (string $zone, ZoneThen $z): array => [
                    'zone' => $zone,
                    'mm' => $z->length?->rounded(),
                    'tool' => $z->tool,
                    'state' => $z->state,
                    'exception' => $z->exception,
                ],
                array_keys($zones),
                $zones,
            ),
            'photos' => null === $visit ? [] : $this->rows->photos($actor, $dog, $day),
        ];
    }

    /**
     * @param list<VisitRow> $visits
     *
     * @return VisitRow
     */
    private static function visit(array $visits, string $id): array
    {
        foreach ($visits as $v) {
            if ($v['id'] === $id) {
                return $v;
            }
        }
        throw Refused::notFound('visit among this dog\'s last ones');
    }
}
