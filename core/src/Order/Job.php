<?php

/** One dog's work for the order rule: zones with their tools, what was found today, what its card wants otherwise. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;

final readonly class Job
{
    /**
     * @param array<string, string> $zones zone id => tool in words
     * @param bool $guards whether any zone is clipped with a guard
     * @param list<Edge> $exceptions of the card
     * @param list<Step> $skip steps that are not done today
     * @param bool $comingOff the coat comes off, so that it need not be combed before the bath
     * @param array<string, float> $minutes by step
     */
    public function __construct(
        public array $zones,
        public CoatType $coat,
        public bool $guards = false,
        public array $exceptions = [],
        public array $skip = [],
        public bool $matted = false,
        public bool $comingOff = false,
        public bool $smells = false,
        public bool $fearsDryer = false,
        public bool $shortPatience = false,
        public array $minutes = [],
    ) {
    }
}
