<?php

/** A list: of records, or of values by a rule. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class ListOf implements Rule
{
    /** @param Rule|class-string $item a rule, or the class of a record */
    public function __construct(public Rule|string $item, private int $min = 0, private int $max = 1000)
    {
    }

    public function shape(): Shape
    {
        return Shape::list(
            \is_string($this->item) ? Form::shape($this->item) : $this->item->shape(),
            $this->min,
            $this->max,
        );
    }
}
