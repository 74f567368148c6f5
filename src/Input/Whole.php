<?php

/** A whole number within bounds. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Whole implements Rule
{
    public function __construct(private int $min, private int $max)
    {
    }

    public function shape(): Shape
    {
        return Shape::integer($this->min, $this->max);
    }
}
