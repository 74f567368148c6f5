<?php

/** A whole plan on one line, as it is typed. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class LineForm
{
    public function __construct(
        #[Text(0, Notation::LONGEST), Says('such as: back ribs: 16/10; throat: 7F >breastbone_dip')]
        public string $line,
        #[Says('whether what was spoken has been seen and confirmed')] public bool $confirmed = false,
    ) {
    }
}
