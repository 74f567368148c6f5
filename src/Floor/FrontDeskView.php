<?php

/** What the front desk should see to. A response record. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class FrontDeskView
{
    private const ROW =
        'list<array{dog: string, name: string, day: string, time: string, kind: string, told: string, '.
        'owner: string, phone: string, days: int}>';

    private const CLASH =
        'list<array{dog: string, name: string, day: string, time: string, kind: string, told: string, '.
        'owner: string, phone: string, days: int, why: string}>';

    /**
     * @param list<array<string, mixed>> $asks
     * @param list<array<string, mixed>> $silent
     * @param list<array<string, mixed>> $overdue
     * @param list<array<string, mixed>> $clashes
     */
    public function __construct(
        #[Gives(self::ROW), Says('owners who ask by the link to be rung about another day')] public array $asks,
        #[Gives(self::ROW), Says('expected tomorrow, written to, and nobody has answered')] public array $silent,
        #[Gives(self::ROW), Says('past the day they were due, and without a date; days: so many past it')]
        public array $overdue,
        #[Gives(self::CLASH), Says('booked with somebody who is away by now, or where it is closed; why says which')]
        public array $clashes,
    ) {
    }
}
