<?php

/** What a place has to work at. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Says;
use KeenThistle\Input\Whole;

final readonly class StationsForm
{
    public function __construct(
        #[Whole(0, 20)] public int $tubs = 1,
        #[Whole(0, 20)] public int $tables = 1,
        #[Whole(0, 20)] public int $dryers = 1,
        #[Whole(0, 40)] public int $pens = 0,
        #[Whole(0, 50000), Says('W that can be drawn at once; 0: not said')] public int $watts = 0,
        #[Says('dryers are heard where dogs wait')] public bool $loud = false,
        #[Says('a table that lifts, for heavy dogs')] public bool $lift = false,
    ) {
    }

    /** @return array{tubs: int, tables: int, dryers: int, pens: int, watts: int, loud: bool, lift: bool} */
    public function row(): array
    {
        return [
            'tubs' => $this->tubs,
            'tables' => $this->tables,
            'dryers' => $this->dryers,
            'pens' => $this->pens,
            'watts' => $this->watts,
            'loud' => $this->loud,
            'lift' => $this->lift,
        ];
    }
}
