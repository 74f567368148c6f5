<?php

/** Money that is handed over one way. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Core\Money\Way;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class PaymentForm
{
    public function __construct(
        #[Choice(Way::class, 'way of paying')] public Way $way,
        #[Whole(0, SaleForm::MOST), Says('of cash as it is handed over: change is reckoned')] public int $minor,
        #[Line(0, 20), Says('number of the voucher, where it is one')] public string $voucher = '',
    ) {
    }
}
