<?php

/** How much is mixed of what. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class MixForm
{
    public function __construct(
        #[Text(1, 36)] public string $product,
        #[Number(0, 200, 'litres of mixed shampoo', true)] public float $litres,
        #[Says('null: as long as the label allows')] public ?\DateTimeImmutable $discard_by = null,
    ) {
    }
}
