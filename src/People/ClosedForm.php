<?php

/** Days on which a place is closed or a person is away: the first and the last of them. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class ClosedForm
{
    public function __construct(
        public \DateTimeImmutable $from,
        public \DateTimeImmutable $to,
        #[Line(0, 60), Says('a holiday, a repair')] public string $why = '',
        #[Says('on the same days of every year from then on')] public bool $yearly = false,
    ) {
    }

    /**
     * @param list<self> $closed
     *
     * @return list<array{from: string, to: string, why: string, yearly: bool}>
     */
    public static function rows(array $closed): array
    {
        return array_map(
            static fn (self $c): array => [
                'from' => $c->from->format('Y-m-d'),
                'to' => $c->to->format('Y-m-d'),
                'why' => trim($c->why),
                'yearly' => $c->yearly,
            ],
            $closed,
        );
    }
}
