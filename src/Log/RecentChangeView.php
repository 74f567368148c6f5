<?php

/** A change somebody made lately. A response record. */

declare(strict_types=1);

namespace KeenThistle\Log;

final readonly class RecentChangeView
{
    public function __construct(
        public string $id,
        public string $who,
        public bool $mine,
        public string $at,
        public string $summary,
        public string $kind,
        public string $subject,
    ) {
    }
}
