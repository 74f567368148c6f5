<?php

/**
 * Stands in for a probe: a blade warms towards its own end, fine ones faster and further. The same question, the same
 * answer.
 */

declare(strict_types=1);

namespace KeenThistle\Device;

final readonly class SimulatedThermometer implements Thermometer
{
    private const ROOM = 24.0;
    /** degrees above the room at the end, seconds to get two thirds there */
    private const FINE = [24.0, 130.0];
    private const SHORT = [21.0, 170.0];
    private const LONG = [17.0, 230.0];

    public function read(string $blade, float $clipped): float
    {
        [$rise, $seconds] = match (true) {
            \in_array($blade, ['toe', '50', '40', '30'], true) => self::FINE,
            \in_array($blade, ['15', '10'], true) => self::SHORT,
            default => self::LONG,
        };

        return round(self::ROOM + $rise * (1 - exp(-max(0.0, $clipped) / $seconds)), 1);
    }
}
