<?php

/** `bin/ask round`: the van's day. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Round\RoundInput;
use KeenThistle\Core\Round\RoundRule;

final readonly class RoundQuestion implements Question
{
    public function name(): string
    {
        return 'round';
    }

    public function summary(): string
    {
        return 'The order of a van\'s stops and refills that costs least, with what breaks it; at most 12 stops.';
    }

    public function shape(): Shape
    {
        return RoundInput::shape();
    }

    public function answer(Fields $in): array
    {
        [$van, $roads, $stops] = RoundInput::of($in);

        return RoundRule::of($van, $roads, $stops)->toArray();
    }
}
