<?php

/** `bin/ask year-check`: how long each clock runs under visits that are meant, and which breaks. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Year\YearCheck;

final readonly class YearCheckQuestion implements Question
{
    private const CLOCKS = ['full', 'bath', 'hygiene', 'nails'];

    public function name(): string
    {
        return 'year-check';
    }

    public function summary(): string
    {
        return 'How long each clock runs under visits that are meant, in days, and which run past their limit.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'days' => Shape::integer(1, 730)->default(364),
            'limits' => Shape::object(array_fill_keys(self::CLOCKS, Shape::integer(1, 260)->nullable()))
                ->required()
                ->describe('whole weeks that each clock may run; left out: no such clock'),
            'since' => Shape::object(array_fill_keys(self::CLOCKS, Shape::integer(0, 1820)))
                ->nullable()
                ->describe('days that each has run on day 0; 0 where it is left out'),
            'visits' => Shape::list(
                Shape::object([
                    'day' => Shape::integer(0, 730)->required(),
                    'kind' => Shape::choice(array_keys(YearCheck::RESETS), 'kind of visit')->required(),
                ]),
                0,
                120,
            )->required(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $limits = $since = [];
        foreach (self::CLOCKS as $clock) {
            $limit = $in->object('limits')->intOrNull($clock);
            if (null !== $limit) {
                $limits[$clock] = $limit;
            }
            $since[$clock] = $in->objectOrNull('since')?->intOrNull($clock) ?? 0;
        }
        $runs = (new YearCheck())->runs($limits, $since, array_map(
            static fn (Fields $v): array => ['day' => $v->int('day'), 'kind' => $v->text('kind')],
            $in->objects('visits'),
        ), $in->int('days'));

        return [
            'kept' => [] === array_filter($runs, static fn (array $r): bool => $r['over'] > 0),
            'runs' => $runs,
        ];
    }
}
