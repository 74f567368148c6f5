<?php

/** A plan that is to become a pattern of the house. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class NewPattern
{
    public function __construct(
        #[Line(2, 60)] public string $name,
        #[Line(0, 300)] public string $note = '',
        #[Text(0, Notation::LONGEST), Says('the plan in the shorthand; null: a dog\'s own')]
        public ?string $line = null,
        #[Text(0, 36)]
        #[Says('id of the dog whose plan becomes the pattern, without its exceptions; it follows it from then on')]
        public ?string $dog = null,
    ) {
    }
}
