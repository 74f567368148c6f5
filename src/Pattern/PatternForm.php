<?php

/** A pattern as its form has it, and the dogs whose cards follow the change. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class PatternForm
{
    /** @param list<string> $spread */
    public function __construct(
        #[Line(2, 60)] public string $name,
        #[Text(0, Notation::LONGEST)] public string $line,
        #[Line(0, 300)] public string $note = '',
        #[ListOf(new Text(1, 36), 0, 500), Says('ids of the dogs whose cards follow the change')]
        public array $spread = [],
    ) {
    }
}
