<?php

/** Whether a bottle is empty. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Input\Says;

final readonly class PouredForm
{
    public function __construct(
        #[Says('used up or poured away; false: it stands there after all')] public bool $poured,
    ) {
    }
}
