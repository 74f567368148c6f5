<?php

/** A programme that is let in: what it is called, what it may, for how long, where it is told of changes. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class IntegrationForm
{
    /** @param list<string> $may */
    public function __construct(
        #[Line(1, 60), Says('what it is for, such as: book-keeping')] public string $name,
        #[ListOf(new Choice(Rights::ALL, 'right'), 1, 8), Says('read is always among them')] public array $may,
        #[Whole(1, 366), Says('days until its token runs out')] public int $days = 180,
        #[Line(0, 300), Says('address that is told of changes, https; empty: it asks by itself')]
        public string $tell = '',
    ) {
    }
}
