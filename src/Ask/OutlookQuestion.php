<?php

/** `bin/ask outlook`: a coat sampled week by week. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Outlook\OutlookRule;
use KeenThistle\Core\Zone\Zone;

final readonly class OutlookQuestion implements Question
{
    public function name(): string
    {
        return 'outlook';
    }

    public function summary(): string
    {
        return 'What each zone carries every half week with its band, the load and mats to be expected, and when '.
            'each clock strikes.';
    }

    public function shape(): Shape
    {
        return Shape::object(
            IntervalQuestion::facts() + [
                'weeks' => Shape::integer(1, 52)->default(26),
                'found' => Shape::list(Zone::shape(), 0, 80)
                    ->default([])
                    ->describe('zones where earlier arrivals found mats'),
            ],
        );
    }

    public function answer(Fields $in): array
    {
        return (new OutlookRule())->ahead(IntervalQuestion::of($in), $in->int('weeks'), $in->texts('found'))->toArray();
    }
}
