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
        $sides = SchoolTable::sides();
        $known = array_filter(
            $chosen,
            static fn (string $side, string $point): bool => \in_array($side, $sides[$point] ?? [], true),
            \ARRAY_FILTER_USE_BOTH,
        );
        $this->chosen = $known + SchoolTable::defaults();
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
