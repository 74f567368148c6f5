<?php

/** What taking a batch of taps has found out: for its answer, so that nothing is read twice. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Tap;

/** @phpstan-import-type Outcome from TakeTaps */
final readonly class Tapped
{
    /**
     * @param list<Outcome> $results
     * @param list<Tap> $all of the groom now
     */
    public function __construct(
        public Groom $groom,
        public array $results,
        public float $ahead,
        public array $all,
        public Board $board,
    ) {
    }
}
