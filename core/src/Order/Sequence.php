<?php

/** The order in which free items are taken: as few changes of the tool as the order allows, never at random. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final class Sequence
{
    private function __construct()
    {
    }

    /**
     * Items are taken as they become free: the tool in hand first where it makes no difference, else the usual order.
     *
     * @param list<WorkItem> $items
     * @param list<Edge> $edges
     *
     * @return list<WorkItem>
     */
    public static function of(array $items, array $edges): array
    {
        $usual = array_flip(array_map(static fn (Step $s): string => $s->value, Step::cases()));
        $pending = $before = $after = [];
        foreach ($items as $item) {
            $pending[$item->node] = ($pending[$item->node] ?? 0) + 1;
        }
        foreach ($edges as $e) {
            if (isset($pending[$e->before], $pending[$e->after])) {
                $before[$e->after][$e->before] = true;
                $after[$e->before][] = $e->after;
            }
        }
        $open = $items;
        // What an item is does not change while others are taken.
        $holds = array_map(static fn (WorkItem $i): bool => $i->holdsATool(), $items);
        $steps = array_map(static fn (WorkItem $i): string => $i->step()->value, $items);
        $out = [];
        $tool = $hand = null;
        while ([] !== $open) {
            $best = null;
            foreach ($open as $i => $item) {
                if ([] !== ($before[$item->node] ?? [])) {
                    continue;
                }
                $same = !$holds[$i] ? 2 : ($item->tool === $tool ? 0 : ($item->inHand() === $hand ? 1 : 2));
                $rank = [$same, $usual[$steps[$i]], $item->node === $steps[$i] ? 0 : 1, $item->rank, $i];
                if (null === $best || $rank < $best[0]) {
                    $best = [$rank, $i];
                }
            }
            if (null === $best) {
                throw new \LogicException('The order has a circle that no check has seen.');
            }
            $item = $open[$best[1]];
            unset($open[$best[1]]);
            [$tool, $hand] = $holds[$best[1]] ? [$item->tool, $item->inHand()] : [$tool, $hand];
            $out[] = $item;
            if (0 === --$pending[$item->node]) {
                foreach ($after[$item->node] ?? [] as $next) {
                    unset($before[$next][$item->node]);
                }
            }
        }

        return $out;
    }

    /**
     * How often something else is taken in the hand; a guard clipped on the blade that is there is none.
     *
     * @param list<WorkItem> $items
     */
    public static function toolChanges(array $items): int
    {
        $tools = array_values(
            array_map(
                static fn (WorkItem $i): string => $i->inHand(),
                array_filter($items, static fn (WorkItem $i): bool => $i->holdsATool()),
            ),
        );
        $changes = 0;
        foreach ($tools as $i => $tool) {
            $changes += $i > 0 && $tool !== $tools[$i - 1] ? 1 : 0;
        }

        return $changes;
    }
}
