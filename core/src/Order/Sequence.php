<?php

/** The order in which free steps are taken: as few changes of the tool as the order allows. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final class Sequence
{
    private function __construct()
    {
    }

    /**
     * Steps are taken as they become free: the tool in hand first where it makes no difference, else the usual order.
     *
     * @param list<Step> $steps
     * @param list<Edge> $edges
     * @param list<array{step: string, why: string}> $moved
     */
    public static function of(Job $job, Schools $schools, array $steps, array $edges, array $moved): WorkList
    {
        $usual = array_flip(array_map(static fn (Step $s): string => $s->value, Step::cases()));
        $before = $after = [];
        foreach ($edges as $e) {
            $before[$e->after->value][$e->before->value] = true;
            $after[$e->before->value][] = $e->after->value;
        }
        $items = WorkItem::of($job, $schools, $steps);
        $open = $items;
        $pending = [];
        foreach ($items as $item) {
            $pending[$item->step->value] = ($pending[$item->step->value] ?? 0) + 1;
        }
        $out = [];
        $tool = null;
        $changes = 0;
        while ([] !== $open) {
            $best = null;
            foreach ($open as $i => $item) {
                if ([] !== ($before[$item->step->value] ?? [])) {
                    continue;
                }
                $rank = [$item->tool === $tool && $item->step->cuts() ? 0 : 1, $usual[$item->step->value], $i];
                if (null === $best || $rank < $best[0]) {
                    $best = [$rank, $i];
                }
            }
            if (null === $best) {
                throw new \LogicException('The order has a circle that no check has seen.');
            }
            $item = $open[$best[1]];
            unset($open[$best[1]]);
            if (null !== $item->tool) {
                $changes += null !== $tool && $tool !== $item->tool ? 1 : 0;
                $tool = $item->tool;
            }
            $out[] = $item;
            $left = ($pending[$item->step->value] ?? 1) - 1;
            $pending[$item->step->value] = $left;
            if (0 === $left) {
                foreach ($after[$item->step->value] ?? [] as $next) {
                    unset($before[$next][$item->step->value]);
                }
            }
        }

        return new WorkList($out, $changes, $moved);
    }
}
