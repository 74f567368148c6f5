<?php

/** Something that is sold over the counter. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Line;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class ProductForm
{
    public function __construct(
        #[Line(1, 60)] public string $name,
        #[Whole(1, SaleForm::MOST), Says('its price with tax, in hundredths of the currency')] public int $minor,
        #[Number(0, 100, 'percent')] public float $tax_percent = 0.0,
        #[Whole(1, 50)] public int $count = 1,
    ) {
    }
}
