<?php

/** Where a dog lives from now on: a home in the book, or a new one. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class MoveForm
{
    public function __construct(
        #[Text(0, 36), Says('id of a home in the book')] public ?string $home = null,
        #[Says('where it is a new one')] public ?OwnerForm $owner = null,
    ) {
    }
}
