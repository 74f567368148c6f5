<?php

/** What is taken back together. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class UndoForm
{
    /** @param list<string> $also */
    public function __construct(
        #[ListOf(new Text(1, 36), 0, ZoneTable::COUNT)]
        #[Says('ids of further changes of this dog that were made with it, such as the other side')]
        public array $also = [],
    ) {
    }
}
