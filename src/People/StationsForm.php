<?php

/** What a place has to work at. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Timing\Opening;
use KeenThistle\Input\Line;
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
        #[Line(0, 5), Says('when it is loudest; empty: at no hour more than at others')] public string $loud_from = '',
        #[Line(0, 5), Says('until when')] public string $loud_to = '',
        #[Says('a table that lifts, for heavy dogs')] public bool $lift = false,
    ) {
    }

    /**
     * @return array{tubs: int, tables: int, dryers: int, pens: int, watts: int, loud: bool, lift: bool,
     *     loud_from: string, loud_to: string}
     *
     * @throws InvalidInput for loud hours without one of their ends, or that end before they begin
     */
    public function row(): array
    {
        foreach (['loud_from' => $this->loud_from, 'loud_to' => $this->loud_to] as $field => $time) {
            if ('' !== $this->loud_from.$this->loud_to && 1 !== preg_match(Opening::TIME, $time)) {
                throw InvalidInput::at("stations.$field", 'must be a time such as 09:30');
            }
        }
        if ('' !== $this->loud_from && $this->loud_to <= $this->loud_from) {
            throw InvalidInput::at('stations.loud_to', "must be after $this->loud_from");
        }

        return [
            'tubs' => $this->tubs,
            'tables' => $this->tables,
            'dryers' => $this->dryers,
            'pens' => $this->pens,
            'watts' => $this->watts,
            'loud' => $this->loud,
            'lift' => $this->lift,
            'loud_from' => $this->loud_from,
            'loud_to' => $this->loud_to,
        ];
    }
}
