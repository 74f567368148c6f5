<?php

/** Marks the argument of a controller that is the version a change was made from. */

declare(strict_types=1);

namespace KeenThistle\Http;

#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class FromIfMatch
{
}
