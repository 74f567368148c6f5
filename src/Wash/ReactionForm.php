<?php

/** What a skin did not bear. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class ReactionForm
{
    public function __construct(
        #[Text(1, 36)] public string $product,
        #[Line(1, 120), Says('what was seen: redness, itching, wheals')] public string $what,
    ) {
    }
}
