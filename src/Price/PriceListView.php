<?php

/** One price list, as its form has it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Core\Timing\HourlyRate;
use KeenThistle\Input\Says;
use KeenThistle\Salon\PriceList;

final readonly class PriceListView
{
    /** @param list<array{name: string, minor: int, minutes: int}> $extras */
    public function __construct(
        public string $id,
        public int $version,
        public string $begins,
        #[Says('past, now, or coming')] public string $state,
        #[Says('begun before today, it stands as it is: a new list follows it')] public bool $fixed,
        #[Says('the salon\'s first: it holds for all that was before it, too')] public bool $first,
        public float $hour,
        public float $mat_hour,
        public int $least_full_minor,
        public int $least_bath_minor,
        public int $least_tidy_minor,
        public int $least_nails_minor,
        public array $extras,
        public int $cancel_hours,
        public int $cancel_percent,
        public int $no_show_percent,
        public int $late_free,
        public int $late_quarter_minor,
        public float $tax_percent,
        public bool $tax_included,
    ) {
    }

    public static function of(PriceList $list, \DateTimeImmutable $today): self
    {
        $begins = $list->begins->format('Y-m-d');
        $iso = $today->format('Y-m-d');
        $past = $list->salon->pricesOn($today) === $list ? 'now' : 'past';

        return new self(
            (string) $list->id,
            $list->version,
            $begins,
            $begins > $iso ? 'coming' : $past,
            $begins < $iso,
            PriceList::FIRST === $begins,
            HourlyRate::ofHour($list->rate),
            HourlyRate::ofHour($list->matRate),
            $list->least['full'] ?? 0,
            $list->least['bath'] ?? 0,
            $list->least['tidy'] ?? 0,
            $list->least['nails'] ?? 0,
            $list->extras,
            $list->terms['cancel_hours'],
            $list->terms['cancel_percent'],
            $list->terms['no_show_percent'],
            $list->terms['late_free'],
            $list->terms['late_quarter_minor'],
            $list->taxPercent,
            $list->taxIncluded,
        );
    }
}
