<?php

/**
 * A coat sampled week by week: what each zone carries with its band, the load and the mats to be expected, and when
 * which clock strikes.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Outlook;

use KeenThistle\Core\Interval\Clock;
use KeenThistle\Core\Reason\Reason;

final readonly class Outlook
{
    /**
     * @param list<float> $weeks from now on
     * @param array<string, array{mm: list<float>, low: list<float>, high: list<float>}> $zones by zone, a value for
     *     every week
     * @param list<float> $load expected at arrival, 0 to 100
     * @param list<array{week: float, zone: string, severity: int}> $mats from which week a mat of this severity is
     *     likely there
     * @param list<Clock> $clocks weeks from now on; below 0: it has struck
     * @param list<Reason> $reasons
     */
    public function __construct(
        public array $weeks,
        public array $zones,
        public array $load,
        public array $mats,
        public array $clocks,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'weeks' => $this->weeks,
            'zones' => [] === $this->zones ? new \stdClass() : $this->zones,
            'load' => $this->load,
            'mats' => $this->mats,
            'clocks' => array_map(
                static fn (Clock $c): array => [
                    'clock' => $c->name,
                    'weeks' => round($c->weeks, 1),
                    'reasons' => Reason::listToArray($c->reasons),
                ],
                $this->clocks,
            ),
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
