<?php

/** Which pattern is tried on a dog, and where. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class FitForm
{
    public function __construct(
        #[Text(1, 36)] public string $pattern,
        #[Text(0, 36), Says('whose kit answers; null: the person\'s own place')] public ?string $place = null,
    ) {
    }
}
