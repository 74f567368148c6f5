<?php

/** How much shampoo a dog needs, mixed from concentrate. 1:n is one part concentrate to n parts water. */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class MixRule
{
    public const RATIO_MAX = 200.0;

    /** Litres of mixed shampoo for a square metre and one pass. */
    public static function litresPerM2(CoatType $coat): float
    {
        return match ($coat) {
            CoatType::Hairless => 0.3,
            CoatType::Smooth => 0.4,
            CoatType::Wire, CoatType::SlowFineLong => 0.6,
            CoatType::ShortDouble, CoatType::SilkyDrop => 0.7,
            CoatType::Curly, CoatType::WavySingle, CoatType::Feathered => 0.8,
            CoatType::LongDouble => 1.2,
            CoatType::Corded => 1.5,
        };
    }

    /**
     * Where the label says nothing else.
     *
     * @return array{int, int} minutes it stays on, passes
     */
    public static function usual(CoatType $coat): array
    {
        return match ($coat) {
            CoatType::Smooth, CoatType::Hairless => [3, 1],
            CoatType::Wire => [3, 1],
            CoatType::LongDouble, CoatType::ShortDouble, CoatType::Corded => [5, 2],
            default => [5, 2],
        };
    }

    /**
     * @param float $ratio parts of water to one part of concentrate
     *
     * @throws InvalidInput where the ratio was typed the wrong way round: asked about, not swallowed
     */
    public function mix(float $kg, CoatType $coat, int $passes, float $ratio): Mix
    {
        self::ratio($ratio);
        $m2 = Surface::m2($kg);

        return $this->litres(
            $m2 * self::litresPerM2($coat) * $passes,
            $ratio,
            [
                new Reason('surface', round($m2, 3), 'm²', Say::it('wash.0_101_kg_to_the_power', $kg)),
                new Reason('coat', self::litresPerM2($coat), 'l/m²', Say::it('wash.coat_one_pass', $coat->label())),
                new Reason('passes', $passes, '×', 1 === $passes ? Say::it('wash.one_pass') : "$passes passes"),
                new Reason(
                    'ratio',
                    $ratio,
                    ':1',
                    Say::it('wash.one_part_concentrate_to_parts_water', $ratio, $ratio + 1),
                ),
            ],
            [
                new Caution('label', Say::it('wash.the_makers_label_rules_ratio_time')),
                new Caution('eyes', Say::it('wash.not_near_the_eyes_lukewarm_rinse')),
            ],
        );
    }

    /**
     * So many litres mixed.
     *
     * @param list<Reason> $reasons
     * @param list<Caution> $cautions
     */
    public function litres(float $litres, float $ratio, array $reasons = [], array $cautions = []): Mix
    {
        self::ratio($ratio);
        // What is measured out is the concentrate, to a tenth of a millilitre; the water follows from it.
        $concentrate = round((1000 * $litres) / ($ratio + 1), 1);

        return new Mix($litres, $concentrate, round($concentrate * $ratio, 1), $reasons, $cautions);
    }

    public static function ratio(float $ratio, string $field = 'ratio'): void
    {
        if ($ratio > 0 && $ratio < 1) {
            throw InvalidInput::at(
                $field,
                Say::it('wash.is_below_1_was_1_meant', round(1 / $ratio), round(1 / $ratio)),
            );
        }
        if ($ratio < 1 || $ratio > self::RATIO_MAX) {
            throw InvalidInput::at($field, Say::it('wash.must_be_1_to_200_parts'));
        }
    }
}
