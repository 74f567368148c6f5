<?php

/** `bin/ask year`: the cheapest visits of a year that keep every clock. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Year\Wants;
use KeenThistle\Core\Year\YearRule;

final readonly class YearQuestion implements Question
{
    private const MAX_WEEKS = 104;
    private const CLOCKS = ['full', 'hygiene', 'nails', 'bath'];

    public function name(): string
    {
        return 'year';
    }

    public function summary(): string
    {
        return 'The cheapest visits that keep every clock over the weeks ahead, or what makes it impossible.';
    }

    public function shape(): Shape
    {
        $weeks = static fn (string $of): Shape => Shape::number(1, 260, 'weeks')
            ->nullable()
            ->describe("weeks $of may run, rounded down to whole ones; null: no such clock");
        $cost = static fn (): Shape => Shape::number(0, 100_000, 'what such a visit costs');

        return Shape::object([
            'weeks' => Shape::integer(1, self::MAX_WEEKS)->default(52),
            'full_max' => $weeks('shape, strip and what else asks for a full groom')->required(),
            'hygiene_max' => $weeks('sanitary, pads and eyes')->required(),
            'nails_max' => $weeks('nails and dewclaws')->required(),
            'bath_max' => $weeks('the bath')->describe('weeks the bath may run; with it there are bath visits too'),
            'closed' => Shape::list(Shape::integer(1, self::MAX_WEEKS), 0, self::MAX_WEEKS)
                ->default([])
                ->describe('weeks that can hold no visit'),
            'costs' => Shape::object(['full' => $cost(), 'bath' => $cost(), 'tidy' => $cost(), 'nails' => $cost()])
                ->nullable()
                ->describe('left out: full 10, bath 6, tidy 4, nails 1.5'),
            'since' => Shape::object(array_fill_keys(self::CLOCKS, Shape::integer(0, 260)))
                ->nullable()
                ->describe('weeks since each was set back, when week 0 begins; 0 where it is left out'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $weeks = $in->int('weeks');
        $closed = [];
        foreach ($in->ints('closed') as $i => $week) {
            if ($week > $weeks) {
                throw InvalidInput::at("closed[$i]", "must be a week from 1 to $weeks");
            }
            $closed[] = $week;
        }
        $max = $costs = $since = [];
        foreach (self::CLOCKS as $clock) {
            $most = $in->floatOrNull("{$clock}_max");
            if ('bath' !== $clock || null !== $most) {
                $max[$clock] = null === $most ? null : (int) floor($most);
            }
            $since[$clock] = $in->objectOrNull('since')?->intOrNull($clock) ?? 0;
        }
        foreach (array_keys(Wants::COSTS) as $kind) {
            $cost = $in->objectOrNull('costs')?->floatOrNull($kind);
            if (null !== $cost) {
                $costs[$kind] = $cost;
            }
        }

        return (new YearRule())->plan(new Wants($weeks, $max, $closed, $costs, $since))->toArray();
    }
}
