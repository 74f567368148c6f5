<?php

/** What earlier visits say about how this dog, or this groomer, compares with the estimate. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

final readonly class Learned
{
    private const NEWEST = 0.4;
    private const PRIOR_VISITS = 2;
    private const OWN_SD_FROM = 5;
    private const LEAST_SD = 0.08;
    /** Outside of this a timer was forgotten, or another visit timed. */
    private const LEAST_RATIO = 0.4;
    private const MOST_RATIO = 2.5;

    /**
     * @param float|null $sd of the logarithms, once enough visits are known
     * @param list<int> $asked which of the visits are left out and asked about, counted from 0
     */
    private function __construct(public float $ratio, public int $n, public ?float $sd, public array $asked = [])
    {
    }

    /**
     * @param list<array{estimate: float, actual: float, kind?: string}> $visits oldest first, minutes above 0; without
     *     a kind it is the one asked for
     */
    public static function from(array $visits, ?Service $asked = null): self
    {
        $mean = null;
        $logs = $odd = [];
        foreach ($visits as $i => $v) {
            if (null !== $asked && ($v['kind'] ?? $asked->value) !== $asked->value) {
                continue;
            }
            $ratio = $v['actual'] / $v['estimate'];
            if ($ratio < self::LEAST_RATIO - 1e-9 || $ratio > self::MOST_RATIO + 1e-9) {
                $odd[] = $i;
                continue;
            }
            $mean = null === $mean ? $ratio : self::NEWEST * $ratio + (1 - self::NEWEST) * $mean;
            $logs[] = log($ratio);
        }
        if (null === $mean) {
            return new self(1.0, 0, null, $odd);
        }
        $n = \count($logs);
        $sd = null;
        if ($n >= self::OWN_SD_FROM) {
            $middle = array_sum($logs) / $n;
            $sd = max(
                self::LEAST_SD,
                sqrt(array_sum(array_map(static fn (float $l): float => ($l - $middle) ** 2, $logs)) / ($n - 1)),
            );
        }

        return new self(($n * $mean + self::PRIOR_VISITS) / ($n + self::PRIOR_VISITS), $n, $sd, $odd);
    }
}
