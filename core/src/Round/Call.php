<?php

/** One thing on the round: a stop, or a refill on the way to one, with its times. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Call
{
    /**
     * @param string $stop id; empty: a refill
     * @param int $arrives minutes since midnight
     * @param int $late minutes past the end of its window
     */
    public function __construct(
        public string $stop,
        public string $at,
        public int $arrives,
        public int $begins,
        public int $ends,
        public int $late,
        public float $litresLeft,
        public float $powerLeft,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'stop' => $this->stop,
            'at' => $this->at,
            'arrives' => Clock::time($this->arrives),
            'begins' => Clock::time($this->begins),
            'ends' => Clock::time($this->ends),
            'late_minutes' => $this->late,
            'litres_left' => round($this->litresLeft, 1),
            'power_minutes_left' => round($this->powerLeft, 1),
        ];
    }
}
