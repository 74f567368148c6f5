<?php

/** What a field of a form means, for who reads the API's description and for who left it out. */

declare(strict_types=1);

namespace KeenThistle\Input;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Says
{
    public function __construct(public string $text)
    {
    }
}
