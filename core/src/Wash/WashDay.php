<?php

/** A day's washing added up: litres and concentrate by product, bottles, what they cost, what is left. */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final readonly class WashDay
{
    /**
     * A dog's wash with one product: mixed for its size and coat.
     *
     * @param int|null $dwell minutes by the label; null: as usual for the coat
     * @param bool $straight the school of straight on, one pass
     *
     * @return array{mix: Mix, dwell: int, passes: int, cost_minor: int|null}
     */
    public static function dog(
        float $kg,
        CoatType $coat,
        float $ratio,
        string $kind,
        ?int $dwell,
        ?int $litreMinor,
        bool $straight = false,
    ): array {
        [$usual, $passes] = MixRule::usual($coat);
        $passes = 'conditioner' === $kind || $straight ? 1 : $passes;
        $mix = (new MixRule())->mix($kg, $coat, $passes, $ratio);

        return [
            'mix' => $mix,
            'dwell' => $dwell ?? $usual,
            'passes' => $passes,
            'cost_minor' => null === $litreMinor ? null : (int) round(($mix->concentrate / 1000) * $litreMinor),
        ];
    }

    /**
     * @param list<Mix> $mixes
     * @param float $standing ml mixed already, in bottles that may still be used
     *
     * @return array{litres: float, concentrate_ml: float, water_ml: float, to_mix_l: float, bottles: int,
     *     stock_left_ml: float, short: Caution|null}
     */
    public static function total(array $mixes, float $ratio, int $bottleMl, float $stockMl, float $standing): array
    {
        $litres = array_sum(array_map(static fn (Mix $m): float => $m->litres, $mixes));
        $missing = max(0.0, $litres - $standing / 1000);
        $concentrate = round((1000 * $missing) / ($ratio + 1), 1);
        $left = round($stockMl - $concentrate, 1);

        return [
            'litres' => round($litres, 2),
            'concentrate_ml' => $concentrate,
            'water_ml' => round($concentrate * $ratio, 1),
            'to_mix_l' => round($missing, 2),
            'bottles' => 0.0 === $missing ? 0 : max(1, (int) ceil(round((1000 * $missing) / $bottleMl, 6))),
            'stock_left_ml' => $left,
            'short' => $left < 0
                    ? new Caution(
                        'short',
                        Say::it('wash.ml_of_concentrate_are_missing_for', abs($left)),
                        Caution::DANGER,
                    )
                    : null,
        ];
    }

    /**
     * What a dog is washed with: the first that is meant for its coat, else the first that is meant for any; never
     * what its skin did not bear.
     *
     * @param array<string, list<string>> $coats coats by product, none: any
     * @param list<string> $not products it reacted to
     */
    public static function pick(array $coats, CoatType $coat, array $not): ?string
    {
        $left = array_diff_key($coats, array_flip($not));
        foreach ($left as $product => $for) {
            if (\in_array($coat->value, $for, true)) {
                return $product;
            }
        }

        return array_key_first(array_filter($left, static fn (array $for): bool => [] === $for));
    }

    private function __construct()
    {
    }
}
