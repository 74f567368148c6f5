<?php

/** A bill as it is settled: what is due stands in the salon's own rows, the form has what comes on top. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class SaleForm
{
    public const MOST = 10_000_000;

    /**
     * @param list<ProductForm> $products
     * @param list<PaymentForm> $payments
     */
    public function __construct(
        #[Text(36, 36), Says('where it is paid')] public string $place,
        #[Whole(0, self::MOST), Says('what was shown as due before anything on top; another one is not taken')]
        public int $due_minor,
        #[Text(36, 36), Says('whose work is paid; null: none')] public ?string $arrival = null,
        #[Text(36, 36), Says('cancelled late or not come to; or what a deposit is for; null: none')]
        public ?string $booking = null,
        #[Whole(0, self::MOST), Says('for the booking, to be held until it is used')] public int $deposit_minor = 0,
        #[ListOf(ProductForm::class, 0, 40)] public array $products = [],
        #[Whole(0, self::MOST)] public int $tip_minor = 0,
        #[Text(36, 36), Says('whose tip it is; null: who did the work, or takes the money')]
        public ?string $tip_person = null,
        #[Whole(-self::MOST, self::MOST), Says('on top, or below 0 off')] public int $adjust_minor = 0,
        #[Line(0, 80), Says('why, as the owner reads it')] public string $adjust_why = '',
        #[Whole(0, self::MOST), Says('of a voucher that is sold')] public int $voucher_minor = 0,
        #[ListOf(PaymentForm::class, 0, 10)] public array $payments = [],
    ) {
    }
}
