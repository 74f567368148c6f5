<?php

/** One of two zones that meet: where it is, what it carries when it is done, and how it got there. */

declare(strict_types=1);

namespace KeenThistle\Core\Blend;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class Side
{
    /** @param Zone|null $zone null: two lengths of the same coat, without a fold or an edge between them */
    public function __construct(
        public Length $finished,
        public ?Zone $zone = null,
        public Method $method = Method::Clip,
    ) {
    }

    public function isClipped(): bool
    {
        return $this->method->hasToolLength();
    }
}
