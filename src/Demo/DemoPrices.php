<?php

/** What the demo salon charges, and what it will from the month after next. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use KeenThistle\Core\Timing\HourlyRate;
use KeenThistle\Salon\PriceList;
use KeenThistle\Salon\Salon;
use Symfony\Component\Uid\Uuid;

final class DemoPrices
{
    private function __construct()
    {
    }

    public static function of(Salon $salon, \DateTimeImmutable $today): void
    {
        $now = $salon->pricesOn($today);
        self::onto($now, 36, 48, ['nails' => 1200], 700);
        $next = new PriceList(Uuid::v7(), $salon, $today->modify('first day of +2 months'));
        self::onto($next, 39, 51, ['nails' => 1400, 'tidy' => 2400], 800);
        $salon->prices->add($next);
    }

    /** @param array<string, int> $least */
    private static function onto(PriceList $list, float $hour, float $matHour, array $least, int $teeth): void
    {
        $list->rate = HourlyRate::perMinute($hour);
        $list->matRate = HourlyRate::perMinute($matHour);
        $list->least = $least;
        $list->extras = [
            ['name' => 'Teeth brushed', 'minor' => $teeth, 'minutes' => 10],
            ['name' => 'Coat mask', 'minor' => 900, 'minutes' => 15],
            ['name' => 'Collected at home', 'minor' => 1000, 'minutes' => 0],
        ];
        $list->terms = [
            'cancel_hours' => 24,
            'cancel_percent' => 50,
            'no_show_percent' => 100,
            'late_free' => 20,
            'late_quarter_minor' => 500,
        ];
        $list->taxPercent = 19.0;
    }
}
