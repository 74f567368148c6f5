<?php

/** One of a dog's clocks: when something is due, and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class Clock
{
    public const ALL = ['shape', 'mat', ...self::HYGIENE, 'bath', 'undercoat', 'strip'];
    public const HYGIENE = ['sanitary', 'pads', 'eyes', 'nails', 'dewclaws', 'ears'];

    /** @param list<Reason> $reasons */
    public function __construct(public string $name, public float $weeks, public array $reasons)
    {
    }

    /** As it is said: "shape", "pads". */
    public static function label(string $name): string
    {
        return match ($name) {
            'mat' => Say::it('interval.clock_mat'),
            'sanitary' => Say::it('interval.clock_sanitary'),
            'strip' => Say::it('interval.clock_strip'),
            default => $name,
        };
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
