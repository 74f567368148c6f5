<?php

/** What a salon asks of an owner who cancels late, does not come, or collects late. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Say\Say;

final readonly class HouseTerms
{
    private const PERCENT = 100;
    private const QUARTER = 15;

    /**
     * @param int $cancelHours before the visit until which cancelling costs nothing
     * @param int $cancelPercent of the price, later than that
     * @param int $noShowPercent of the price, where nobody comes
     * @param int $lateFree minutes after the time told that cost nothing
     * @param int $lateQuarter minor units for each quarter of an hour begun after them
     */
    public function __construct(
        public int $cancelHours = 0,
        public int $cancelPercent = 0,
        public int $noShowPercent = 0,
        public int $lateFree = 0,
        public int $lateQuarter = 0,
    ) {
    }

    /**
     * @param int $price of the visit, minor units
     * @param float $hours before it; below 0 once it should have begun
     *
     * @return int minor units
     */
    public function forCancelling(int $price, float $hours): int
    {
        return $hours >= $this->cancelHours ? 0 : self::share($price, $this->cancelPercent);
    }

    /** @return int minor units */
    public function forNotComing(int $price): int
    {
        return self::share($price, $this->noShowPercent);
    }

    /**
     * @param float $minutes after the time that was told
     *
     * @return int minor units
     */
    public function forCollectingLate(float $minutes): int
    {
        $over = $minutes - $this->lateFree;

        return $over <= 0 ? 0 : (int) ceil(round($over / self::QUARTER, 9)) * $this->lateQuarter;
    }

    /**
     * As an owner reads them; what costs nothing is not said.
     *
     * @return list<string>
     */
    public function words(string $currency): array
    {
        $out = [];
        if ($this->cancelHours > 0 && $this->cancelPercent > 0) {
            $out[] = Say::it('timing.cancelled_late', $this->cancelHours, $this->cancelPercent);
        }
        if ($this->noShowPercent > 0) {
            $out[] = Say::it('timing.not_come', $this->noShowPercent);
        }
        if ($this->lateQuarter > 0) {
            $money = number_format($this->lateQuarter / self::PERCENT, 2, '.', '')." $currency";
            $out[] = Say::it('timing.collected_late', $money, $this->lateFree);
        }

        return $out;
    }

    private static function share(int $price, int $percent): int
    {
        return (int) round(($price * $percent) / self::PERCENT);
    }
}
