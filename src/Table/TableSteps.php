<?php

/** The steps of a groom: what to pick up, and how each stands. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Table\Board;
use KeenThistle\Recipe\ZoneRecipe;

final readonly class TableSteps
{
    private function __construct()
    {
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     * @param array<string, Length|null> $lengths what each zone is to be left at
     *
     * @return list<TableStepView>
     */
    public static function all(Groom $groom, Board $board, array $plan, array $lengths): array
    {
        $marks = self::marks($groom, $board);

        return array_map(
            static function (array $s, StepMarkView $mark) use ($plan, $lengths): TableStepView {
                $recipes = array_values(
                    array_filter(array_map(static fn (string $z): ?ZoneRecipe => $plan[$z] ?? null, $s['zones'])),
                );
                $first = $recipes[0] ?? null;
                $tool = $first?->forRules()->tool;
                $said = static fn (string $text): bool => '' !== $text;
                $stops = array_filter(
                    array_map(static fn (ZoneRecipe $r): string => $r->stopLine ?? '', $recipes),
                    $said,
                );
                $shaped = array_map(static fn (ZoneRecipe $r): string => $r->shape ?? '', $recipes);
                $shapes = array_filter($shaped, $said);
                $guard = null !== $tool && $tool->isGuard();
                $left = array_filter(
                    array_map(static fn (string $z): ?float => ($lengths[$z] ?? null)?->rounded(), $s['zones']),
                    static fn (?float $mm): bool => null !== $mm,
                );

                return new TableStepView(
                    key: $s['key'],
                    step: $s['step'],
                    title: $s['title'],
                    tool: $guard ? \sprintf('%s mm guard', $tool->guard?->rounded()) : $s['tool'],
                    base: $guard ? $tool->base : null,
                    blade: $guard ? $tool->base : (true === $tool?->isBlade() ? $tool->label : null),
                    lay: null === $first || null === $first->lay ? null : $first->lay->value,
                    leaves_mm: [] === $left ? null : min($left),
                    leaves_to_mm: [] === $left || min($left) === max($left) ? null : max($left),
                    stop_lines: array_values(array_unique($stops)),
                    shapes: array_values(array_unique($shapes)),
                    zones: $s['zones'],
                    places: $s['places'] ?? [],
                    minutes: $s['minutes'],
                    cautions: $s['cautions'],
                    done_when: $s['done_when'],
                    state: $mark->state,
                    why: $mark->why,
                    who: $mark->who,
                    waits: $mark->waits,
                    moved: $s['moved'] ?? '',
                    together: Step::ofStored($s['step'])?->together() ?? '',
                );
            },
            $groom->steps,
            $marks,
        );
    }

    /** @return list<StepMarkView> in the order of the steps */
    public static function marks(Groom $groom, Board $board): array
    {
        $waiting = Waiting::zones($groom);

        return array_map(static function (array $s) use ($board, $waiting): StepMarkView {
            $who = array_values(
                array_filter(
                    array_map(static fn (string $z): string => $board->zones[$z]->who ?? '', $s['zones']),
                    static fn (string $name): bool => '' !== $name,
                ),
            );

            return new StepMarkView(
                $s['key'],
                $board->stepState($s['key'], $s['zones']),
                $board->steps[$s['key']]['why'] ?? '',
                $board->steps[$s['key']]['who'] ?? ($who[0] ?? null),
                Waiting::step($s['zones'], $waiting, $board),
            );
        }, $groom->steps);
    }

    /**
     * What is next, and what after that: what waits comes when nothing else is left.
     *
     * @param list<StepMarkView|TableStepView> $steps
     *
     * @return array{string|null, string|null} keys
     */
    public static function next(array $steps): array
    {
        $open = $waits = [];
        foreach ($steps as $s) {
            if ('done' !== $s->state && 'skipped' !== $s->state) {
                '' === $s->waits ? ($open[] = $s->key) : ($waits[] = $s->key);
            }
        }
        $open = [...$open, ...$waits];

        return [$open[0] ?? null, $open[1] ?? null];
    }
}
