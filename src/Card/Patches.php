<?php

/** Places that were left shorter than the style, and the day each has grown out. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;

final class Patches
{
    /** Less than this is no patch: a coat is never cut to the tenth. */
    private const LEAST_MM = 1.5;

    private function __construct()
    {
    }

    /**
     * @param array<string, array{version: int, recipe: ZoneRecipe}> $plan by zone
     *
     * @return list<array{zone: string, left_mm: float, since: string, grown_out_on: string}> in the order of the body
     */
    public static function of(
        array $plan,
        History $history,
        GrowthAndClocks $figures,
        LengthRule $lengths,
        \DateTimeImmutable $today,
    ): array {
        $out = [];
        foreach ($plan as $zone => ['recipe' => $recipe]) {
            $left = $history->left[$zone] ?? null;
            if (null === $recipe->method || null === ($left['um'] ?? null)) {
                continue;
            }
            $cut = Length::ofMicrometres($left['um']);
            $wanted = $lengths->planned($recipe->forRules())->finished;
            if (null === $wanted || $wanted->mm() - $cut->mm() < self::LEAST_MM) {
                continue;
            }
            $on = $figures->fillBack($cut, $wanted, $left['day']);
            if (null !== $on && $on > $today->format('Y-m-d')) {
                $out[] = [
                    'zone' => $zone,
                    'left_mm' => $cut->rounded(),
                    'since' => $left['day']->format('Y-m-d'),
                    'grown_out_on' => $on,
                ];
            }
        }

        return $out;
    }
}
