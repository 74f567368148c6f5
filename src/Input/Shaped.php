<?php

/** A shape that a class of the rules gives, where its words are not known when this is written. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Shaped implements Rule
{
    /** @param array{class-string, string} $shape a static method giving a Shape */
    public function __construct(private array $shape)
    {
    }

    public function shape(): Shape
    {
        return self::call($this->shape);
    }

    /** @param array{class-string, string} $shape */
    public static function call(array $shape): Shape
    {
        \assert(\is_callable($shape));
        $given = $shape();

        return $given instanceof Shape ? $given : throw new \LogicException("$shape[0]::$shape[1] gives no shape.");
    }
}
