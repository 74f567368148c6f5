<?php

/** Proportions as they are seen, or measured, and what the trim can do for them. Suggestions only; comfort silences. */

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

    /** point => what an eye can tap => suggestion; null: as it should be */
    private const SEEN = [
        'ear' => ['above' => 'short_ear', 'at' => null, 'beyond' => 'long_ear'],
        'neck' => ['short' => 'short_neck', 'medium' => null, 'long' => null],
        'back' => ['short' => null, 'medium' => null, 'long' => 'long_back'],
        'leg' => ['low' => 'short_leg', 'medium' => null, 'high' => 'long_leg'],
        'muzzle' => ['fine' => 'short_muzzle', 'medium' => null, 'heavy' => 'heavy_muzzle'],
    ];
    /** ratio => the point it is of: what is seen outranks it */
    private const POINT = [
        'ear_to_nose' => 'ear',
        'neck_to_back' => 'neck',
        'leg_to_chest' => 'leg',
        'muzzle_to_skull' => 'muzzle',
        'back_to_height' => 'back',
    ];

    /** @return array<string, list<string>> what can be tapped, by point */
    public static function points(): array
    {
        return array_map(static fn (array $sides): array => array_keys($sides), self::SEEN);
    }

    /** A point in words, or one of its sides. */
    public static function words(string $point, ?string $side = null): string
    {
        return Say::it('balance.'.$point.(null === $side ? '' : ".$side"));
    }

    /** @return list<string> */
    public static function ratios(): array
    {
        return array_keys(self::RULES);
    }

    /**
     * @param array<string, float> $ratios by name, as somebody measured them with a tape
     * @param array<string, string> $seen by point, as it was tapped on the drawn dog
     *
     * @return array<string, mixed>
     */
    public function suggest(array $ratios, bool $comfortRules, array $seen = []): array
    {
        $out = [];
        foreach ($comfortRules ? [] : $seen as $point => $side) {
            $code = self::SEEN[$point][$side] ?? null;
            if (null !== $code) {
                $out[] = [
                    'code' => $code,
                    'message' => Say::it("balance.$code"),
                    'reasons' => [
                        [
                            'term' => $point,
                            'value' => self::words($point, $side),
                            'unit' => '',
                            'source' => Say::it('balance.as_seen_and_tapped'),
                        ],
                    ],
                ];
            }
        }
        foreach ($comfortRules ? [] : $ratios as $name => $ratio) {
            if (isset($seen[self::POINT[$name]])) {
                continue;
            }
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
