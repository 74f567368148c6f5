<?php

/** The steps of a groom as they are fixed when it begins. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Order\WorkList;

/** @phpstan-import-type StepRow from Groom */
final class GroomSteps
{
    private function __construct()
    {
    }

    /** @return list<StepRow> */
    public static function of(WorkList $list): array
    {
        $out = [];
        foreach ($list->items as $item) {
            $key = $item->step->value.(null === $item->tool || [] === $item->zones ? '' : ':'.$item->tool);
            $out[] = [
                'key' => $key,
                'step' => $item->step->value,
                'title' => $item->step->title(),
                'tool' => $item->tool,
                'zones' => $item->zones,
                'minutes' => null === $item->minutes ? null : round($item->minutes, 1),
                'cautions' => $item->cautions,
                'done_when' => $item->step->doneWhen(),
            ];
        }

        return $out;
    }
}
