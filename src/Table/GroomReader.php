<?php

/** Makes a groom's view: its taps folded, its plan answered from the kit in reach, its timers as they stand now. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Book\DogView;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Nails\ClawList;
use KeenThistle\Core\Nails\NailsAnswer;
use KeenThistle\Core\Nails\NailsRule;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\PhaseClock;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Core\Table\TimerKind;
use KeenThistle\Core\Table\TimerRule;
use KeenThistle\Core\Table\UndercoatCap;
use KeenThistle\Core\Table\ZoneMark;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Kit\KitReader;
use KeenThistle\Owner\OwnerLink;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;

final readonly class GroomReader
{
    public function __construct(
        private GroomRows $rows,
        private Visits $visits,
        private KitReader $kit,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, ZoneRecipe> */
    public static function plan(Groom $groom): array
    {
        return array_map(RecipeArray::recipe(...), $groom->plan);
    }

    public function nails(Groom $groom): NailsAnswer
    {
        $given = $groom->arrival->handsOn['claws'] ?? null;
        $found = [];
        foreach (\is_array($given) ? $given : [] as $foot => $states) {
            $found[(string) $foot] = \is_array($states) ? array_values(array_filter($states, is_string(...))) : [];
        }
        $grinder = \in_array('skin', $groom->dog->health, true);

        return (new NailsRule())->today(
            ClawList::of($found, $groom->dog->dewclaws),
            $groom->dog->ground,
            $groom->arrival->day,
            $grinder,
        );
    }

    /**
     * @param list<Tap>|null $taps of this groom, where they are at hand
     * @param Board|null $board these, folded
     */
    public function view(Actor $actor, Groom $groom, ?array $taps = null, ?Board $board = null): GroomView
    {
        $taps ??= $this->rows->taps($actor, $groom);
        $board ??= Board::of($taps);
        $dog = $groom->dog;
        $now = $this->clock->now();
        $until = $groom->closedAt ?? $now;
        $history = new History($this->visits->of($actor, $dog));
        $figures = new GrowthAndClocks($dog, $history, $groom->arrival->day);
        $plan = self::plan($groom);
        $steps = $this->steps($actor, $groom, $board, $plan);
        $open = array_values(
            array_filter($steps, static fn (TableStepView $s): bool => 'done' !== $s->state && 'skipped' !== $s->state),
        );
        $nails = $this->nails($groom);
        $clocks = $figures->interval(
            array_map(static fn (ZoneRecipe $r): array => ['version' => 0, 'recipe' => $r], $plan),
            $this->kit->lengths($actor),
            null,
            $groom->arrival->day,
        )->clocks;
        $at = static fn (\DateTimeImmutable $t): string => $t->format('Y-m-d\TH:i:s\Z');
        $handOver = $board->handOver;
        $people = [];
        foreach ($board->people as $name => $last) {
            $people[] = ['name' => $name, 'at' => $at($last)];
        }
        $heat = [];
        foreach (BladeTable::labels() as $blade) {
            $heat[$blade] = (new HeatRule())->every($blade);
        }
        $incidents = $notes = [];
        foreach ($board->incidents as $id => $i) {
            $incidents[] = ['id' => $id, 'at' => $at($i['at'])] + $i;
        }
        foreach ($board->notes as $n) {
            $notes[] = ['text' => $n['text'], 'who' => $n['who'], 'at' => $at($n['at'])];
        }

        return new GroomView(
            (string) $groom->id,
            DogView::of($dog, $actor->may(May::PHONE)),
            (string) $groom->arrival->id,
            (string) $groom->place->id,
            $groom->place->name,
            null !== $groom->closedAt ? 'closed' : ($board->isPaused() ? 'paused' : 'open'),
            $groom->seq,
            $at($groom->openedAt),
            $now->format('Y-m-d\TH:i:s.v\Z'),
            '' === ($handOver['to'] ?? '') ? $groom->openedBy->name : $handOver['to'],
            $people,
            StandingCautions::of($dog),
            $groom->notices,
            $this->zones($actor, $groom, $board, $plan, $figures),
            $steps,
            $open[0]->key ?? null,
            $open[1]->key ?? null,
            $this->timers($actor, $groom, $board, $until),
            (object) $heat,
            array_map(
                static fn (array $c): array => $c + ['state' => $board->claws[$c['foot'].'.'.$c['claw']] ?? null],
                $nails->claws,
            ),
            $nails->next,
            $nails->nextDewclaws,
            (object) $this->pads($groom, $board),
            (object) $board->ears,
            (object) $board->eyes,
            $board->extents,
            $this->stripMap($groom, $history, $board, $plan),
            $incidents,
            $notes,
            null === $handOver ? null : ['at' => $at($handOver['at'])] + $handOver,
            $this->phases($groom, $taps, $plan),
            round($board->minutesAtWork($groom->openedAt, $until), 1),
            $groom->estimate['likely'] ?? null,
            $this->held($taps, $board),
            $groom->closedBy?->name,
            null === $groom->closedAt ? null : $at($groom->closedAt),
            null === $groom->visit ? null : (string) $groom->visit->id,
            null === $groom->careToken || !OwnerLink::isOpen($groom->linkUntil, $now)
                ? null
                : "/care/$groom->careToken",
            $clocks,
        );
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<TableZoneView>
     */
    private function zones(Actor $actor, Groom $groom, Board $board, array $plan, GrowthAndClocks $figures): array
    {
        $home = $this->kit->lengths($actor);
        $there = $this->kit->lengths($actor, (string) $groom->place->id);
        $match = $this->kit->match($actor, (string) $groom->place->id);
        $out = [];
        foreach (ZoneTable::all() as $id => $zone) {
            $planned = $plan[$id] ?? null;
            $mark = $board->zones[$id] ?? null;
            $wanted =
                null === $planned || null === $planned->method ? null : $home->planned($planned->forRules())->finished;
            $actual = null === $mark?->actual ? null : RecipeArray::recipe($mark->actual);
            $cut = null !== $mark && \in_array($mark->state, ['done', 'partly'], true);
            $left = match (true) {
                !$cut => null,
                null !== $actual => $there->actual($actual->forRules(), $zone)->finished,
                null !== $planned => $there->actual($planned->forRules(), $zone)->finished,
                default => null,
            };
            $natural = NaturalLength::mm($groom->dog->coat, $zone);
            $done = $actual ?? $planned;
            $out[] = new TableZoneView(
                $id,
                null === $planned ? null : RecipeView::of($planned),
                $wanted?->rounded(),
                $mark->state ?? 'planned',
                $mark->why ?? '',
                null === $actual ? null : RecipeView::of($actual),
                $left?->rounded(),
                null === $left || null === $wanted ? null : $left->minusRounded($wanted),
                null === $mark || '' === $mark->carry ? $actual->carry ?? ($planned->carry ?? 'repeat') : $mark->carry,
                $mark?->who,
                $mark?->at->format('Y-m-d\TH:i:s\Z'),
                $mark->seq ?? 0,
                null === $planned || null === $planned->method || $match->canMake($planned->forRules())
                    ? null
                    : GrowthAndClocks::here($planned, $wanted, $match, $there, null),
                $figures->now($id)?->rounded(),
                $natural,
                $cut && null !== $left && true === $done?->exception
                    ? $figures->fillBack($left, Length::ofMillimetres($natural))
                    : null,
            );
        }

        return $out;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<TableStepView>
     */
    private function steps(Actor $actor, Groom $groom, Board $board, array $plan): array
    {
        $lengths = $this->kit->lengths($actor);

        return array_map(static function (array $s) use ($board, $plan, $lengths): TableStepView {
            $recipes = array_values(
                array_filter(array_map(static fn (string $z): ?ZoneRecipe => $plan[$z] ?? null, $s['zones'])),
            );
            $first = $recipes[0] ?? null;
            $tool = $first?->forRules()->tool;
            $said = static fn (string $text): bool => '' !== $text;
            $stops = array_filter(array_map(static fn (ZoneRecipe $r): string => $r->stopLine ?? '', $recipes), $said);
            $shapes = array_filter(array_map(static fn (ZoneRecipe $r): string => $r->shape ?? '', $recipes), $said);
            $who = array_values(
                array_filter(
                    array_map(static fn (string $z): string => $board->zones[$z]->who ?? '', $s['zones']),
                    $said,
                ),
            );
            $guard = null !== $tool && $tool->isGuard();
            $left = array_filter(
                array_map(
                    static fn (ZoneRecipe $r): ?float => $lengths->planned($r->forRules())->finished?->rounded(),
                    $recipes,
                ),
                static fn (?float $mm): bool => null !== $mm,
            );

            return new TableStepView(
                $s['key'],
                $s['step'],
                $s['title'],
                $guard ? \sprintf('%s mm guard', $tool->guard?->rounded()) : $s['tool'],
                $guard ? $tool->base : null,
                null === $first || null === $first->lay ? null : $first->lay->value,
                [] === $left ? null : min($left),
                [] === $left || min($left) === max($left) ? null : max($left),
                array_values(array_unique($stops)),
                array_values(array_unique($shapes)),
                $s['zones'],
                $s['minutes'],
                $s['cautions'],
                $s['done_when'],
                $board->stepState($s['key'], $s['zones']),
                $board->steps[$s['key']]['why'] ?? '',
                $board->steps[$s['key']]['who'] ?? ($who[0] ?? null),
            );
        }, $groom->steps);
    }

    /** @return list<TimerView> */
    private function timers(Actor $actor, Groom $groom, Board $board, \DateTimeImmutable $now): array
    {
        $spares = [];
        foreach ($this->kit->rows($actor) as $row) {
            if ('blade' === $row['kind'] && $row['place'] === (string) $groom->place->id) {
                $spares[$row['label']] = ($spares[$row['label']] ?? -1) + 1;
            }
        }
        $choices = $groom->dog->schools + $groom->salon->schools + SchoolTable::defaults();
        $dog = $groom->dog;
        $watched =
            'flat' === $dog->muzzle
            || [] !== array_intersect(['airway', 'heart', 'age', 'seizures', 'surgery'], $dog->health);
        $rule = new TimerRule(
            $spares,
            UndercoatCap::seconds(
                $groom->salon->hemisphere,
                (int) $groom->arrival->day->format('n'),
                $choices['undercoat_amount'],
            ),
            $watched,
        );

        return array_map(
            static fn (TimerKind $k): TimerView => TimerView::of($rule->answer($k, $board->timer($k->value), $now)),
            TimerKind::cases(),
        );
    }

    /** @return array<string, array{found: int|null, left: int|null}> */
    private function pads(Groom $groom, Board $board): array
    {
        $found = $groom->arrival->handsOn['pads'] ?? null;
        $out = [];
        foreach (ZoneTable::FEET as $foot) {
            $n = \is_array($found) ? $found[$foot] ?? null : null;
            $out[$foot] = ['found' => \is_int($n) ? $n : null, 'left' => $board->pads[$foot] ?? null];
        }

        return $out;
    }

    /**
     * Where a wire coat was stripped, and when: it is done in instalments.
     *
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<array{zone: string, day: string|null}>
     */
    private function stripMap(Groom $groom, History $history, Board $board, array $plan): array
    {
        $out = [];
        foreach ($plan as $zone => $recipe) {
            if (Method::Strip === $recipe->method) {
                $last = $history->left[$zone] ?? null;
                $today = \in_array($board->zones[$zone]->state ?? '', ['done', 'partly'], true);
                $out[] = [
                    'zone' => $zone,
                    'day' => $today
                        ? $groom->arrival->day->format('Y-m-d')
                        : (null !== $last && Method::Strip === $last['method']
                            ? $last['day']->format('Y-m-d')
                            : null),
                ];
            }
        }

        return $out;
    }

    /**
     * @param list<Tap> $taps
     * @param array<string, ZoneRecipe> $plan
     *
     * @return list<array{phase: string, label: string, spent: float|null, estimate: float|null}>
     */
    private function phases(Groom $groom, array $taps, array $plan): array
    {
        $scissored = static fn (string $zone): bool => !($plan[$zone]->method ?? Method::Clip)->hasToolLength();
        $spent = (new PhaseClock())->minutes($taps, $groom->openedAt, $scissored);
        $estimate = $groom->estimate['phases'] ?? [];
        $out = [];
        foreach (Phase::cases() as $phase) {
            if (isset($spent[$phase->value]) || isset($estimate[$phase->value])) {
                $out[] = [
                    'phase' => $phase->value,
                    'label' => $phase->label(),
                    'spent' => isset($spent[$phase->value]) ? round($spent[$phase->value], 1) : null,
                    'estimate' => isset($estimate[$phase->value]) ? round($estimate[$phase->value], 1) : null,
                ];
            }
        }

        return $out;
    }

    /**
     * @param list<Tap> $taps
     *
     * @return list<array<string, string>>
     */
    private function held(array $taps, Board $board): array
    {
        $out = [];
        foreach ($taps as $tap) {
            if (!$tap->held) {
                continue;
            }
            $mine = ZoneMark::of($tap);
            foreach ($tap->texts('zones') as $zone) {
                $theirs = $board->zones[$zone] ?? null;
                // Answered when its maker has tapped this zone once more, or somebody has chosen.
                $answered = array_filter(
                    $taps,
                    static fn (Tap $t): bool => $t->seq > $tap->seq
                        && !$t->held
                        && ($t->device === $tap->device || $t->text('settles') === $tap->id)
                        && \in_array($zone, $t->texts('zones'), true),
                );
                if (null !== $theirs && [] === $answered && !$mine->agrees($theirs)) {
                    $out[$tap->device.$zone] = [
                        'id' => $tap->id,
                        'zone' => $zone,
                        'who' => $tap->who,
                        'at' => $tap->at->format('Y-m-d\TH:i:s\Z'),
                        'device' => $tap->device,
                        'mine' => self::words($mine),
                        'theirs' => self::words($theirs),
                        'theirs_who' => $theirs->who,
                    ];
                }
            }
        }

        return array_values($out);
    }

    public static function words(ZoneMark $mark): string
    {
        $state = str_replace('_', ' ', $mark->state);

        return null === $mark->actual ? $state : $state.', '.RecipeArray::recipe($mark->actual)->words();
    }
}
