<?php

/** The zones of a visit, head to tail. A response record. */

declare(strict_types=1);

namespace KeenThistle\Card;

final readonly class VisitZonesView
{
    /** @param list<VisitZoneView> $zones */
    public function __construct(public string $id, public array $zones)
    {
    }
}
