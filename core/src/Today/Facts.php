<?php

/** Everything today's list is made of: the card, what was found, what the owner agreed, what the dog bears. */

declare(strict_types=1);

namespace KeenThistle\Core\Today;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Mat;

final readonly class Facts
{
    /**
     * @param array<string, Wanted> $plan the card, by zone
     * @param list<Mat> $comb what the comb found, each zone once
     * @param list<Finding> $findings
     * @param list<Refusal> $refusals
     * @param array<string, Wanted> $byHand changed today, by zone
     * @param array<string, Wanted> $last kept as last time, by zone
     * @param array<string, Wanted> $done what is done already stays as it is, by zone
     * @param bool $clipReady bone dry and combed, wherever guards are to go
     * @param bool $clipsEarly the school of clipping mats early
     * @param bool $experienced whether an experienced groomer is at the table
     * @param float|null $matRate minor currency units per minute on mats
     */
    public function __construct(
        public float $kg,
        public CoatType $coat,
        public Handling $handling,
        public array $plan = [],
        public array $comb = [],
        public array $findings = [],
        public ?Agreement $agreement = null,
        public array $refusals = [],
        public array $byHand = [],
        public array $last = [],
        public array $done = [],
        public bool $clipReady = true,
        public bool $handStripped = false,
        public bool $clipsEarly = false,
        public bool $experienced = false,
        public ?float $matRate = null,
    ) {
    }

    /** How a zone is wanted before anything was found: by hand, as last time, or as on the card. */
    public function wanted(string $zone): ?Wanted
    {
        return $this->byHand[$zone] ?? ($this->last[$zone] ?? ($this->plan[$zone] ?? null));
    }

    /** @return 'hand'|'last'|'card' where that is said */
    public function source(string $zone): string
    {
        return match (true) {
            isset($this->byHand[$zone]) => 'hand',
            isset($this->last[$zone]) => 'last',
            default => 'card',
        };
    }

    /** What stops the visit as a whole; null: nothing does. */
    public function stop(): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->kind->stopsTheVisit()) {
                return $finding;
            }
        }

        return null;
    }
}
