<?php

/** Who a dog belongs to, as a form says it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class OwnerForm
{
    public function __construct(
        #[Line(1, 80), Says('the owner\'s name')] public string $name,
        #[Line(3, 40), Says('a phone number')] public string $phone,
        #[Line(0, 120)] public string $email = '',
    ) {
    }
}
