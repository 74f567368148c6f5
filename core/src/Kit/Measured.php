<?php

/** What several readings of one tool say together, and what is asked before they are believed. */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Measured
{
    /**
     * @param float $spread mm between the longest and the shortest reading
     * @param float|null $off share by which the mean lies off what the tool is marked for; null: nothing to compare
     * @param list<Caution> $questions none: it can be believed
     * @param string|null $like the blade whose own length comes nearest, where it is not this one
     * @param list<Reason> $reasons
     */
    public function __construct(
        public Length $mean,
        public float $spread,
        public ?float $off,
        public array $questions,
        public ?string $like,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'mean_mm' => $this->mean->rounded(),
            'inch' => $this->mean->inches(),
            'spread_mm' => round($this->spread, 2),
            'off' => null === $this->off ? null : round($this->off, 2),
            'measures_like' => $this->like,
            'questions' => Caution::listToArray($this->questions),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
