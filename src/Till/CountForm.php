<?php

/** A drawer as it was counted. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class CountForm
{
    public function __construct(
        #[Text(36, 36), Says('whose drawer')] public string $place,
        #[Whole(0, SaleForm::MOST), Says('all cash that is in it')] public int $counted_minor,
        #[Whole(0, SaleForm::MOST), Says('that stays in it for tomorrow')] public int $stays_minor,
        #[Line(0, 200), Says('why it does not add up, where it does not')] public string $why = '',
    ) {
    }
}
