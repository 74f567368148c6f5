<?php

/** `bin/ask book-ahead`: how many visits to hold now. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Year\BookAheadRule;

final readonly class BookAheadQuestion implements Question
{
    private const MAX_WEEKS = 104;

    public function name(): string
    {
        return 'book-ahead';
    }

    public function summary(): string
    {
        return 'How many visits to hold now, from the diary\'s fill by week, so that a dog is not pushed past '.
            'its clock.';
    }

    public function shape(): Shape
    {
        $share = static fn (): Shape => Shape::number(0, 1, 'share that is booked');

        return Shape::object([
            'every_weeks' => Shape::integer(1, self::MAX_WEEKS)->required()->describe('what the clock lets'),
            'since' => Shape::integer(0, 260)->default(0)->describe('weeks since the last visit'),
            'fill' => Shape::list($share(), 1, self::MAX_WEEKS)->required()->describe('by week, from next week on'),
            'usual' => Shape::list($share(), 0, self::MAX_WEEKS)
                ->default([])
                ->describe('fill as it usually is so many weeks ahead; left out: as it is now'),
            'full_at' => Shape::number(0, 1, 'share', above: true)->default(0.95),
            'closed' => Shape::list(Shape::integer(1, self::MAX_WEEKS), 0, self::MAX_WEEKS)->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $plan = (new BookAheadRule())->plan(
            $in->int('every_weeks'),
            $in->int('since'),
            self::byWeek($in->floats('fill')),
            self::byWeek($in->floats('usual')),
            $in->float('full_at'),
            $in->ints('closed'),
        );

        return ['reasons' => Reason::listToArray($plan['reasons'])] + $plan;
    }

    /**
     * @param list<float> $shares
     *
     * @return array<int, float> 1 is next week
     */
    private static function byWeek(array $shares): array
    {
        $out = [];
        foreach ($shares as $i => $share) {
            $out[$i + 1] = $share;
        }

        return $out;
    }
}
