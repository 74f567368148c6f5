<?php

/** What is measured on a dog; what is not given stays as it was. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Balance\BalanceRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

final readonly class MeasuresForm
{
    public function __construct(
        #[Number(80, 1000, 'mm around the neck, close')] public ?float $neck_mm = null,
        #[Number(-60, 60, 'mm by which the left ear is set higher; negative: lower'),]
        public ?float $left_higher_mm = null,
        #[Number(10, 300, 'mm of leather, root to tip')] public ?float $left_leather_mm = null,
        #[Number(10, 300, 'mm of leather, root to tip')] public ?float $right_leather_mm = null,
        #[Number(0, 200, 'mm of hair below the leather at least')] public ?float $shortest_mm = null,
        #[Number(0, 5, 'ear leather to nose tip', true)] public ?float $ear_to_nose = null,
        #[Number(0, 5, 'neck to back', true)] public ?float $neck_to_back = null,
        #[Number(0, 5, 'leg to depth of chest', true)] public ?float $leg_to_chest = null,
        #[Number(0, 5, 'muzzle to skull', true)] public ?float $muzzle_to_skull = null,
        #[Number(0, 5, 'back to height', true)] public ?float $back_to_height = null,
        #[Shaped([self::class, 'looks']),
            Says('proportions as an eye sees them; null: not looked at'),]
        public ?Fields $seen = null,
    ) {
    }

    public static function looks(): Shape
    {
        return Shape::object(
            array_map(
                static fn (array $sides): Shape => Shape::choice($sides, 'look')->nullable(),
                BalanceRule::points(),
            ),
        )->nullable();
    }

    /** @return array<string, string> what was tapped: point => side */
    public function tapped(): array
    {
        $tapped = [];
        foreach (array_keys(BalanceRule::points()) as $point) {
            $side = $this->seen?->textOrNull($point);
            if (null !== $side) {
                $tapped[$point] = $side;
            }
        }

        return $tapped;
    }

    /** @return array<string, float> what was given */
    public function given(): array
    {
        $given = [];
        foreach (get_object_vars($this) as $name => $value) {
            if (\is_float($value)) {
                $given[(string) $name] = $value;
            }
        }

        return $given;
    }
}
