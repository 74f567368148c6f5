<?php

/** The salon's price lists, the newest first. A response record. */

declare(strict_types=1);

namespace KeenThistle\Price;

use KeenThistle\Salon\PriceList;
use KeenThistle\Salon\Salon;

final readonly class PricesView
{
    /** @param list<PriceListView> $lists */
    public function __construct(public string $today, public string $currency, public array $lists)
    {
    }

    public static function of(Salon $salon, \DateTimeImmutable $today): self
    {
        $lists = $salon->prices->toArray();
        usort($lists, static fn (PriceList $a, PriceList $b): int => $b->begins <=> $a->begins);

        return new self(
            $today->format('Y-m-d'),
            $salon->currency,
            array_map(static fn (PriceList $l): PriceListView => PriceListView::of($l, $today), $lists),
        );
    }
}
