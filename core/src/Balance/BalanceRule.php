<?php

/** Proportions measured, and what the trim can do for them. Suggestions only; silent where comfort rules. */

declare(strict_types=1);

namespace KeenThistle\Core\Balance;

use KeenThistle\Core\Say\Say;

final readonly class BalanceRule
{
    /** ratio => [below this, suggestion, above this, suggestion]; a starting point for the salon's own eye. */
    private const RULES = [
        'ear_to_nose' => [0.8, 'short_ear', 1.15, 'long_ear'],
        'neck_to_back' => [0.32, 'short_neck', null, null],
        'leg_to_chest' => [0.95, 'short_leg', 1.4, 'long_leg'],
        'muzzle_to_skull' => [0.5, 'short_muzzle', 1.1, 'heavy_muzzle'],
        'back_to_height' => [null, null, 1.2, 'long_back'],
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
                    'code' => $hit[0],
                    'message' => Say::it("balance.$hit[0]"),
                    'reasons' => [
                        [
                            'term' => $name,
                            'value' => round($ratio, 2),
                            'unit' => 'ratio',
                            'source' => Say::it('balance.as_measured_on_this_dog', $hit[2], $hit[1]),
                        ],
                    ],
                ];
            }
        }

        return [
            'suggestions' => $out,
            'silent' => $comfortRules ? Say::it('balance.comfort_rules_on_this_card_no') : null,
        ];
    }
}
