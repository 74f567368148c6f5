<?php

/** One term of a figure: answers "why?". A response record. */

declare(strict_types=1);

namespace KeenThistle\Reason;

use KeenThistle\Input\Gives;

#[Gives('array{term: string, value: float|string, unit: string, source: string, visit?: string}')]
final class ReasonView
{
}
