<?php

/** What a salon charges with: its hour of work and of mats, the least for each kind of visit, and tax. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

final readonly class Charges
{
    /**
     * @param float $rate minor currency units per minute
     * @param float|null $matRate the same for working on mats; null: as the rest
     * @param array<string, int> $least minor units that the work of a visit costs at least, by kind
     * @param float $taxPercent of what the visit costs without it
     * @param bool $taxIncluded whether all of these have it in them
     */
    public function __construct(
        public float $rate,
        public ?float $matRate = null,
        public array $least = [],
        public float $taxPercent = 0.0,
        public bool $taxIncluded = true,
    ) {
    }

    /** For a visit that is none of the kinds: one for mats alone. */
    public function withoutLeast(): self
    {
        return new self($this->rate, $this->matRate, [], $this->taxPercent, $this->taxIncluded);
    }

    public function leastFor(Service $kind): int
    {
        return $this->least[$kind->value] ?? 0;
    }
}
