<?php

/** The season's effect on growth and shedding. */

declare(strict_types=1);

namespace KeenThistle\Core\Coat;

/** June–August 1.1, December–February 0.9; half a year apart in the southern hemisphere. */
enum Season: string
{
    case North = 'north';
    case South = 'south';

    /** @param int $month 1 to 12 */
    public function growthFactor(int $month): float
    {
        return match ($this->northern($month)) {
            6, 7, 8 => 1.1,
            12, 1, 2 => 0.9,
            default => 1.0,
        };
    }

    /** Shedding months, March to June by default. @param int $month 1 to 12 */
    public function isShedding(int $month): bool
    {
        $m = $this->northern($month);

        return $m >= 3 && $m <= 6;
    }

    /** The mean growth factor over a span, week by week from its first day. @param float $weeks more than 0 */
    public function meanFactor(\DateTimeImmutable $from, float $weeks): float
    {
        $sum = 0.0;
        for ($week = 0; $week < $weeks; ++$week) {
            $sum += min(1.0, $weeks - $week) * $this->growthFactor(self::month($from, $week));
        }

        return $sum / $weeks;
    }

    /** The month it is so many whole weeks after a day, 1 to 12: counted on the calendar, whatever clocks do. */
    public static function month(\DateTimeImmutable $from, int $weeks): int
    {
        return (int) gmdate('n', $from->getTimestamp() + $from->getOffset() + 604_800 * $weeks);
    }

    private function northern(int $month): int
    {
        return self::North === $this ? $month : (($month + 5) % 12) + 1;
    }
}
