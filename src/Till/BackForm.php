<?php

/** Lines of a bill that are taken back. */

declare(strict_types=1);

namespace KeenThistle\Till;

use KeenThistle\Core\Money\Way;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class BackForm
{
    /** @param list<int> $lines */
    public function __construct(
        #[Text(36, 36), Says('where the money goes back')] public string $place,
        #[Line(1, 200), Says('why')] public string $why,
        #[Choice(Way::class, 'way of paying'), Says('how it goes back')] public Way $way = Way::Cash,
        #[ListOf(new Whole(0, 100), 0, 100), Says('which, from 0; none named: all that are left')]
        public array $lines = [],
    ) {
    }
}
