<?php

/** A zone as the last groom left it, as far as the interval depends on it. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class ZoneLeft
{
    /** @param Length|null $finished null where nobody knows the length */
    public function __construct(
        public Zone $zone,
        public ?Length $finished,
        public Method $method = Method::Clip,
        public bool $forcedByMat = false,
    ) {
    }

    public function hasOutline(): bool
    {
        return $this->method->makesAnOutline() && !$this->forcedByMat && null !== $this->finished;
    }
}
