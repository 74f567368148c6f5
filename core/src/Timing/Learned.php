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

    /** @param float|null $sd of the logarithms, once enough visits are known */
    private function __construct(public float $ratio, public int $n, public ?float $sd)
    {
    }

    /** @param list<array{estimate: float, actual: float}> $visits oldest first, minutes above 0 */
    public static function from(array $visits): self
    {
        if ([] === $visits) {
            return new self(1.0, 0, null);
        }
        $mean = null;
        $logs = [];
        foreach ($visits as $v) {
            $ratio = $v['actual'] / $v['estimate'];
            $mean = null === $mean ? $ratio : self::NEWEST * $ratio + (1 - self::NEWEST) * $mean;
            $logs[] = log($ratio);
        }
        $n = \count($visits);
        $sd = null;
        if ($n >= self::OWN_SD_FROM) {
            $middle = array_sum($logs) / $n;
            $sd = max(
                self::LEAST_SD,
                sqrt(array_sum(array_map(static fn (float $l): float => ($l - $middle) ** 2, $logs)) / ($n - 1)),
            );
        }

        return new self(($n * $mean + self::PRIOR_VISITS) / ($n + self::PRIOR_VISITS), $n, $sd);
    }
}
