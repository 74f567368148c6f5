<?php

/** Whose minutes are whose: the phases of the estimate shared out over the items of the order. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Zone\Zone;

/** By area within a phase where hair is taken off; by fixed shares where several small things make one phase. */
final readonly class ItemMinutes
{
    /** Shares of a phase where several items make it up and none has an area. */
    private const WEIGHT = [
        'check' => 6.0,
        'comb_test' => 2.0,
        'nails' => 4.0,
        'ears' => 3.0,
        'teeth' => 2.0,
        'brush_out' => 2.0,
        'comb_out' => 3.0,
        'rake' => 3.0,
        'wipe' => 2.0,
        'face' => 1.0,
        'look' => 2.0,
        'finish' => 4.0,
        'notes' => 2.0,
        'handover' => 1.0,
    ];
    /** All pads together, and all close work, against the items they share a phase with. */
    private const PADS = 3.0;
    private const CLOSE_WORK = 6.0;

    public function __construct(private Job $job)
    {
    }

    /**
     * @param list<WorkItem> $items
     *
     * @return list<WorkItem>
     */
    public function share(array $items): array
    {
        $phases = $this->job->minutes;
        // Settling is part of the first look.
        if (isset($phases['settle'])) {
            $phases['check'] = ($phases['check'] ?? 0.0) + $phases['settle'];
        }
        $areas = $weights = $sums = [];
        foreach ($items as $item) {
            $areas[$item->node] = ($areas[$item->node] ?? 0.0) + self::area($item);
        }
        foreach ($items as $i => $item) {
            $phase = $item->step()->phase()->value;
            $weights[$i] = $this->weight($item, $areas[$item->node]);
            $sums[$phase] = ($sums[$phase] ?? 0.0) + $weights[$i];
        }
        $out = [];
        foreach ($items as $i => $item) {
            $phase = $item->step()->phase()->value;
            $said = $this->job->byStep[$item->step()->value] ?? null;
            $known = null !== $item->minutes || !isset($phases[$phase]) || ($sums[$phase] ?? 0.0) <= 0.0;
            $out[] = match (true) {
                null !== $said => $item->withMinutes($said * self::part($item, $items, $areas)),
                $known => $item,
                default => $item->withMinutes(($phases[$phase] * $weights[$i]) / $sums[$phase]),
            };
        }

        return $out;
    }

    private function weight(WorkItem $item, float $area): float
    {
        $own = self::area($item);

        return match ($item->node) {
            'mats_out', 'mats_clip', 'skin' => 0.0,
            'pads' => self::PADS * ($area > 0 ? $own / $area : 1.0),
            'close_work' => self::CLOSE_WORK * ($area > 0 ? $own / $area : 1.0),
            default => self::WEIGHT[$item->node] ?? ($own > 0 ? $own : 1.0),
        };
    }

    /**
     * Minutes said of a step are shared by its items.
     *
     * @param list<WorkItem> $items
     * @param array<string, float> $areas
     */
    private static function part(WorkItem $item, array $items, array $areas): float
    {
        $same = \count(array_filter($items, static fn (WorkItem $i): bool => $i->step() === $item->step()));

        return $areas[$item->node] > 0 ? self::area($item) / $areas[$item->node] : 1 / max(1, $same);
    }

    private static function area(WorkItem $item): float
    {
        return 'bath' === $item->node
            ? 0.0
            : array_sum(array_map(static fn (string $z): float => Zone::of($z)->share(), $item->zones));
    }
}
