<?php

/** One of several words; for an enum its cases. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Shape;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Choice implements Rule
{
    /** @param list<string>|class-string<\BackedEnum> $of */
    public function __construct(private array|string $of, private string $what)
    {
    }

    public function shape(): Shape
    {
        return \is_array($this->of) ? Shape::choice($this->of, $this->what) : Shape::enum($this->of, $this->what);
    }
}
