<?php

/** What an earlier arrival taught: how matted after how long, and which clocks were early or late. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Measure\Length;

final readonly class PastVisit
{
    /**
     * @param float $weeks since the groom before
     * @param float|null $load 0–100 at arrival, null where it was not checked
     * @param Upkeep|null $upkeep recorded then; null: as now
     * @param Length|null $finished body mean the groom before had left; null: as now
     * @param int $tenderSeverity worst severity found in a tender zone, 0–4
     * @param array<string, float> $found hygiene clock => weeks at which it was found due
     * @param array<string, array{Seen, float}> $seen hygiene clock => what an eye saw, and the weeks since its reset
     */
    public function __construct(
        public float $weeks,
        public ?float $load = null,
        public ?Upkeep $upkeep = null,
        public ?Length $finished = null,
        public int $tenderSeverity = 0,
        public array $found = [],
        public string $visit = '',
        public array $seen = [],
    ) {
    }
}
