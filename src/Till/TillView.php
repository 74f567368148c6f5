<?php

/** The till of a place on a day. A response record. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TillView
{
    private const TO_PAY =
        'list<array{arrival: string|null, booking: string|null, version: int, dog: string, name: string, '.
        'owner: string, day: string, state: string, minor: int|null, let_go: string}>';
    private const HELD = 'list<array{booking: string, dog: string, name: string, day: string, minor: int}>';
    private const COUNT =
        'array{round: int, expected_minor: int, counted_minor: int, stays_minor: int, why: string, who: string, '.
        'at: string, sales_since: int}|null';

    /**
     * @param list<array<string, mixed>> $to_pay
     * @param list<array<string, mixed>> $held
     * @param list<SaleView> $sales
     * @param list<array{name: string, minor: int, tax_percent: float}> $products
     * @param list<array{person: string, name: string, earned_minor: int, tips_minor: int}> $people
     * @param list<array{percent: float, gross: int, tax: int}> $taxes
     * @param list<array{code: string, minor: int, left_minor: int, day: string}> $vouchers
     * @param array<string, mixed>|null $counted
     */
    public function __construct(
        public string $today,
        public string $day,
        public string $place,
        public float $tax_percent,
        #[Gives(self::TO_PAY), Says('done and not paid; not come to, or cancelled late: state says which')]
        public array $to_pay,
        #[Gives(self::HELD), Says('deposits of visits that will not use them any more')] public array $held,
        #[Says('the last first')] public array $sales,
        #[Says('what was sold over the counter lately')] public array $products,
        #[Gives('array<string, int>'), Says('what came in, by way of paying, change taken off')]
        public object $ways,
        #[Says('by who earned it; without a name: the salon')] public array $people,
        #[Gives('array<string, int>')] public object $kinds,
        #[Says('tax in it, by rate')] public array $taxes,
        #[Says('without tips and what is only held')] public int $earned_minor,
        public int $in_minor,
        #[Says('in the drawer as the day began')] public int $began_minor,
        #[Says('that should be in it now')] public int $drawer_minor,
        #[Gives('list<array{code: string, minor: int, left_minor: int, day: string}>'),
            Says('vouchers that still have something on them, the newest first; of the whole salon'),]
        public array $vouchers,
        #[Gives(self::COUNT), Says('the last count of the day; null: none')] public ?array $counted,
    ) {
    }
}
