<?php

/** `bin/ask stretch`: which zones a short visit touches so that the full groom moves furthest. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Stretch\StretchRule;
use KeenThistle\Core\Zone\Zone;

final readonly class StretchQuestion implements Question
{
    public function name(): string
    {
        return 'stretch';
    }

    public function summary(): string
    {
        return 'Which zones to touch at a tidy so that the full groom moves furthest for the minutes.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'budget_minutes' => Shape::number(0, 1440, 'minutes')->default(25.0),
            'interval' => Shape::object(IntervalQuestion::facts())->required()->describe('as interval takes it'),
            'zone_minutes' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes')->required(),
                ]),
                0,
                100,
            )
                ->required()
                ->describe('what touching a zone takes; a zone left out is not touched'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $minutes = [];
        foreach ($in->objects('zone_minutes') as $z) {
            if (isset($minutes[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
            }
            $minutes[$z->text('zone')] = $z->float('minutes');
        }

        return (new StretchRule())->answer(
            IntervalQuestion::of($in->object('interval')),
            $minutes,
            $in->float('budget_minutes'),
        );
    }
}
