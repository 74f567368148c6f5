<?php

/** A number within bounds, in a unit. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Number implements Rule
{
    /** @param bool $above whether the least is not allowed itself */
    public function __construct(
        private float $min,
        private float $max,
        private string $unit = '',
        private bool $above = false,
    ) {
    }

    public function shape(): Shape
    {
        return Shape::number($this->min, $this->max, $this->unit, $this->above);
    }
}
