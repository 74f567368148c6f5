<?php

/** What a handler hands back: what a repeat is answered from, and what the log is to say. */

declare(strict_types=1);

namespace KeenThistle\Command;

use KeenThistle\Log\Entry;

final readonly class Outcome
{
    /**
     * @param array<string, mixed> $kept ids and versions, a few hundred bytes, no texts
     * @param list<Entry> $entries written by the wrapper in the same transaction; a card they name is old then
     * @param bool $allCards whether every card of the salon is old, as after a measurement
     * @param object|null $inHand what the handler has found out besides: for the first answer, a repeat finds out anew
     * @param Progress|null $progress of a piece of work that goes on behind the scenes
     */
    public function __construct(
        public array $kept = [],
        public array $entries = [],
        public bool $allCards = false,
        public ?object $inHand = null,
        public ?Progress $progress = null,
    ) {
    }
}
