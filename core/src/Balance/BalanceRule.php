<?php

/** Proportions measured, and what the trim can do for them. Suggestions only; silent where comfort rules. */

declare(strict_types=1);

namespace KeenThistle\Core\Balance;

final readonly class BalanceRule
{
    /** ratio => [below this, suggestion, above this, suggestion]; a starting point for the salon's own eye. */
    private const RULES = [
        'ear_to_nose' => [
            0.8,
            ['short_ear', 'Short ear: keep the feather down to the nose tip, or set a V edge that draws the eye down.'],
            1.15,
            ['long_ear', 'Long ear: a straight edge, so that it does not look longer still.'],
        ],
        'neck_to_back' => [
            0.32,
            ['short_neck', 'Short neck: take the sides closer, leave the crest fuller.'],
            null,
            null,
        ],
        'leg_to_chest' => [
            0.95,
            ['short_leg', 'Short leg under a deep chest: legs fuller as columns, tuck-up set higher.'],
            1.4,
            ['long_leg', 'Long leg: follow the leg closely, skirt left a little fuller.'],
        ],
        'muzzle_to_skull' => [
            0.5,
            ['short_muzzle', 'Short muzzle: keep the cheeks close so that it shows.'],
            1.1,
            ['heavy_muzzle', 'Long or heavy muzzle: define the stop, keep the skull rounder.'],
        ],
        'back_to_height' => [
            null,
            null,
            1.2,
            ['long_back', 'Long back: front and rear of the outline set in, tuck-up higher.'],
        ],
    ];

    /** @return list<string> */
    public static function ratios(): array
    {
        return array_keys(self::RULES);
    }

    /**
     * @param array<string, float> $ratios by name, as measured
     *
     * @return array<string, mixed>
     */
    public function suggest(array $ratios, bool $comfortRules): array
    {
        $out = [];
        foreach ($comfortRules ? [] : $ratios as $name => $ratio) {
            [$low, $below, $high, $above] = self::RULES[$name];
            $hit =
                null !== $low && null !== $below && $ratio < $low
                    ? [$below, $low, 'under']
                    : (null !== $high && null !== $above && $ratio > $high
                        ? [$above, $high, 'over']
                        : null);
            if (null !== $hit) {
                $out[] = [
                    'code' => $hit[0][0],
                    'message' => $hit[0][1],
                    'reasons' => [
                        [
                            'term' => $name,
                            'value' => round($ratio, 2),
                            'unit' => 'ratio',
                            'source' => "{$hit[2]} {$hit[1]}, as measured on this dog",
                        ],
                    ],
                ];
            }
        }

        return [
            'suggestions' => $out,
            'silent' => $comfortRules ? 'comfort rules on this card: no corrections of the outline' : null,
        ];
    }
}
