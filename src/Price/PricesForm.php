<?php

/** A price list as its form has it. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Timing\HourlyRate;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;
use KeenThistle\Salon\PriceList;

final readonly class PricesForm
{
    private const MOST = 1_000_000;

    /** @param list<ExtraForm> $extras */
    public function __construct(
        #[Says('the first day of these prices: today or later')] public \DateTimeImmutable $begins,
        #[Number(0, 60_000, 'an hour')] public float $hour,
        #[Number(0, 60_000, 'an hour'), Says('on mats')] public float $mat_hour,
        #[Whole(0, self::MOST), Says('what a full groom costs at least, in hundredths of the currency')]
        public int $least_full_minor = 0,
        #[Whole(0, self::MOST)] public int $least_bath_minor = 0,
        #[Whole(0, self::MOST)] public int $least_tidy_minor = 0,
        #[Whole(0, self::MOST)] public int $least_nails_minor = 0,
        #[ListOf(ExtraForm::class, 0, 40)] public array $extras = [],
        #[Whole(0, 336), Says('hours before a visit until which cancelling is free')] public int $cancel_hours = 0,
        #[Whole(0, 100), Says('of the price')] public int $cancel_percent = 0,
        #[Whole(0, 100), Says('of the price')] public int $no_show_percent = 0,
        #[Whole(0, 600), Says('minutes that collecting late costs nothing')] public int $late_free = 0,
        #[Whole(0, self::MOST), Says('for each quarter of an hour begun after them')]
        public int $late_quarter_minor = 0,
        #[Number(0, 100, 'percent')] public float $tax_percent = 0.0,
        #[Says('whether these prices have the tax in them')] public bool $tax_included = true,
    ) {
    }

    /** @throws InvalidInput for an extra named twice */
    public function onto(PriceList $list): void
    {
        $list->rate = HourlyRate::perMinute($this->hour);
        $list->matRate = HourlyRate::perMinute($this->mat_hour);
        $list->least = array_filter([
            'full' => $this->least_full_minor,
            'bath' => $this->least_bath_minor,
            'tidy' => $this->least_tidy_minor,
            'nails' => $this->least_nails_minor,
        ], static fn (int $minor): bool => $minor > 0);
        $list->extras = $this->extras();
        $list->terms = [
            'cancel_hours' => $this->cancel_hours,
            'cancel_percent' => $this->cancel_percent,
            'no_show_percent' => $this->no_show_percent,
            'late_free' => $this->late_free,
            'late_quarter_minor' => $this->late_quarter_minor,
        ];
        $list->taxPercent = $this->tax_percent;
        $list->taxIncluded = $this->tax_included;
    }

    /** @return list<array{name: string, minor: int, minutes: int}> */
    private function extras(): array
    {
        $taken = $out = [];
        foreach ($this->extras as $i => $extra) {
            $name = trim($extra->name);
            if (isset($taken[mb_strtolower($name)])) {
                throw InvalidInput::at("extras[$i].name", 'is there already');
            }
            $taken[mb_strtolower($name)] = true;
            $out[] = ['name' => $name, 'minor' => $extra->minor, 'minutes' => $extra->minutes];
        }

        return $out;
    }
}
