<?php

/** A dog's weight. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Kilograms implements Rule
{
    public function shape(): Shape
    {
        return Shape::kilograms();
    }
}
