<?php

/** Text of several lines, within a length. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Text implements Rule
{
    public function __construct(private int $min = 0, private int $max = 200)
    {
    }

    public function shape(): Shape
    {
        return Shape::text($this->min, $this->max);
    }
}
