<?php

/** The salon's schools, with what a card differs in: a side for every point. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class Schools
{
    public const BEFORE_BATH = 'before_bath';
    public const AFTER_DRY = 'after_dry';

    /** @var array<string, string> by point */
    public array $chosen;

    /** @param array<string, string> $chosen what is not chosen, or no longer exists, is as the house usually does it */
    public function __construct(array $chosen = [])
    {
        $this->chosen = self::known($chosen) + SchoolTable::defaults();
    }

    /**
     * What a card differs in, over what the house has chosen.
     *
     * @param array<string, string> $card
     * @param array<string, string> $house
     */
    public static function of(array $card, array $house): self
    {
        return new self(self::known($card) + self::known($house));
    }

    /**
     * @param array<string, string> $chosen
     *
     * @return array<string, string> sides that exist
     */
    public static function known(array $chosen): array
    {
        $sides = SchoolTable::sides();

        return array_filter(
            $chosen,
            static fn (string $side, string $point): bool => \in_array($side, $sides[$point] ?? [], true),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    public static function shape(): Shape
    {
        return SchoolTable::shape();
    }

    public static function fromFields(Fields $in): self
    {
        $chosen = [];
        foreach (array_keys(SchoolTable::sides()) as $point) {
            $chosen[$point] = $in->text($point);
        }

        return new self($chosen);
    }

    public function is(string $point, string $side): bool
    {
        return $side === $this->chosen[$point];
    }

    public function grinds(): bool
    {
        return !$this->is('nails', 'clip');
    }
}
