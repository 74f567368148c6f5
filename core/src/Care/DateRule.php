<?php

/** What an owner may do with a date by its link, and when they are reminded of it. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\HouseTerms;

final readonly class DateRule
{
    /** So often by the link; after that people talk to each other. */
    public const MOVES = 2;
    /** Reminders go out at hours at which people are up. */
    private const FROM = '09:00';
    private const TO = '19:00';
    private const HOUR_S = 3600;

    private function __construct()
    {
    }

    /** Hours until a visit begins; below 0 once it should have. */
    public static function hours(\DateTimeImmutable $now, \DateTimeImmutable $begins): float
    {
        return ($begins->getTimestamp() - $now->getTimestamp()) / self::HOUR_S;
    }

    /**
     * Why an owner cannot move it by the link; empty: they can.
     *
     * @param float $hours until it begins
     * @param int $moves by the link so far
     */
    public static function whyNotMoved(HouseTerms $terms, float $hours, int $moves): string
    {
        return match (true) {
            $moves >= self::MOVES => Say::it('date.moved_often_enough', $moves),
            $hours < max(1, $terms->cancelHours) => Say::it('date.too_near', max(1, $terms->cancelHours)),
            default => '',
        };
    }

    /**
     * @param \DateTimeImmutable $now by the clock on the salon's wall
     * @param string $day of the visit, YYYY-MM-DD
     * @param int $days before it; 0: nobody is reminded
     */
    public static function isTimeToRemind(\DateTimeImmutable $now, string $day, int $days): bool
    {
        $time = $now->format('H:i');

        return $time >= self::FROM
            && $time < self::TO
            && $day > $now->format('Y-m-d')
            && $day <= $now->modify("+$days days")->format('Y-m-d');
    }
}
