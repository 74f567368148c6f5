<?php

/** How the hair of a zone is shortened, pulled or left. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

enum Method: string
{
    case Clip = 'clip';
    case Guard = 'guard';
    case Scissor = 'scissor';
    case Thin = 'thin';
    case Strip = 'strip';
    case Card = 'card';
    case Leave = 'leave';
    case ShaveOut = 'shave_out';

    /** Methods whose length comes from a tool; the others only ever carry an estimate. */
    public function hasToolLength(): bool
    {
        return self::Clip === $this || self::Guard === $this || self::ShaveOut === $this;
    }

    /** Methods whose outline is lost as the coat grows. */
    public function makesAnOutline(): bool
    {
        return self::Clip === $this || self::Guard === $this || self::Scissor === $this;
    }
}
