<?php

/** A place of the salon, and what hangs on it. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class PlaceView
{
    public const HOURS = "list<array{day: 'mon'|'tue'|'wed'|'thu'|'fri'|'sat'|'sun', from: string, to: string}>";
    public const CLOSED = 'list<array{from: string, to: string, why: string, yearly?: bool}>';
    private const STATIONS =
        'array{tubs: int, tables: int, dryers: int, pens: int, watts: int, loud: bool, lift: bool, '.
        'loud_from: string, loud_to: string}';

    /**
     * @param list<array{day: string, from: string, to: string}> $hours
     * @param list<array{from: string, to: string, why: string}> $closed
     * @param array{tubs: int, tables: int, dryers: int, pens: int, watts: int, loud: bool, lift: bool,
     *     loud_from: string, loud_to: string} $stations
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        #[Gives("'room'|'van'")] public string $kind,
        #[Says('false: closed')] public bool $open,
        #[Says('tools that live there')] public int $tools,
        #[Says('people who usually work there')] public int $people,
        #[Says('by day of the week; none at all: not said'), Gives(self::HOURS)] public array $hours,
        #[Gives(self::CLOSED)] public array $closed,
        #[Gives(self::STATIONS)] public array $stations,
    ) {
    }
}
