<?php

/** The response record of several changed zones. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Recipe\ZoneRecipe;

final readonly class PlanChangedView
{
    /** @param list<ZoneChangedView> $zones */
    public function __construct(public int $revision, public array $zones)
    {
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $wishes by zone
     * @param array<string, mixed> $done the plan's revision, and for each zone its change in the log
     */
    public static function of(array $wishes, array $done): self
    {
        $revision = \is_int($done['revision']) ? $done['revision'] : 0;
        $changes = \is_array($done['changes']) ? array_values($done['changes']) : [];
        $zones = [];
        foreach ($wishes as $zone => $wish) {
            $change = $changes[\count($zones)] ?? null;
            $zones[] = ZoneChangedView::of($zone, $wish['recipe'], [
                'version' => $wish['version'] + (null === $change ? 0 : 1),
                'revision' => $revision,
                'change' => $change,
            ]);
        }

        return new self($revision, $zones);
    }
}
