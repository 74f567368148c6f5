<?php

/** The kinds of visit for one dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

final readonly class VisitKindsView
{
    /** @param list<VisitKindView> $kinds */
    public function __construct(public array $kinds)
    {
    }
}
