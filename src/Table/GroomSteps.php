<?php

/** The steps of a groom as today's list has them. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Order\WorkItem;
use KeenThistle\Core\Order\WorkList;
use KeenThistle\Core\Today\Today;

/** @phpstan-import-type StepRow from Groom */
final class GroomSteps
{
    private function __construct()
    {
    }

    /** @return list<StepRow> */
    public static function of(WorkList $list, ?Today $today = null): array
    {
        $moved = [];
        foreach ($list->moved as $m) {
            $moved[$m['step']][] = $m['why'];
        }
        $out = [];
        foreach ($list->items as $item) {
            $zones = self::isMarkedByZone($item, $today) ? $item->zones : [];
            $out[] = [
                'key' => $item->key(),
                'step' => $item->step()->value,
                'title' => $item->title,
                'tool' => $item->tool,
                'zones' => $zones,
                'places' => [] === $zones && 'bath' !== $item->node ? $item->zones : [],
                'minutes' => null === $item->minutes ? null : round($item->minutes, 1),
                'cautions' => $item->cautions,
                'done_when' => $item->doneWhen,
                'moved' => implode('; ', array_unique($moved[$item->step()->value] ?? [])),
            ];
        }

        return $out;
    }

    /** Whether an item is done with its zones: one that the even pass or a comb goes over again is not. */
    private static function isMarkedByZone(WorkItem $item, ?Today $today): bool
    {
        if ('mats_clip' === $item->node) {
            foreach ($item->zones as $zone) {
                if ('mat' !== ($today?->rows[$zone]->from ?? 'mat')) {
                    return false;
                }
            }

            return true;
        }

        return $item->step()->cuts() && 'skin' !== $item->node;
    }
}
