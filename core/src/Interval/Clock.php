<?php

/** One of a dog's clocks: when something is due, and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Reason\Reason;

final readonly class Clock
{
    public const HYGIENE = ['sanitary', 'pads', 'eyes', 'nails', 'dewclaws', 'ears'];

    /** @param list<Reason> $reasons */
    public function __construct(public string $name, public float $weeks, public array $reasons)
    {
    }

    public function isHygiene(): bool
    {
        return \in_array($this->name, self::HYGIENE, true);
    }

    /** Whole weeks this clock allows; a visit in the last of them is still in time. */
    public function wholeWeeks(): int
    {
        return (int) floor($this->weeks + 1e-9);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'clock' => $this->name,
            'weeks' => round($this->weeks, 1),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
