<?php

/** Marks the argument of a controller that is the request's body, read as its form. */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Form;
use KeenThistle\Input\Shaped;

/** For a body typed Fields the shape is named; a record is its own form. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class FromBody
{
    /** @param array{class-string, string}|null $shape static method giving the body's Shape */
    public function __construct(public ?array $shape = null)
    {
    }

    /** @param string $type of the argument */
    public function shape(string $type): Shape
    {
        if (null !== $this->shape) {
            return Shaped::call($this->shape);
        }

        return class_exists($type) ? Form::shape($type) : throw new \LogicException("$type is no record.");
    }
}
