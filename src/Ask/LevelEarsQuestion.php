<?php

/** `bin/ask level-ears`: edges that look level from the front. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Balance\EarLevel;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class LevelEarsQuestion implements Question
{
    public function name(): string
    {
        return 'level-ears';
    }

    public function summary(): string
    {
        return 'Hair to leave below each ear leather so that unequally set ears look level from the front.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'left_higher_mm' => Shape::number(
                -80,
                80,
                'mm by which the left ear is set higher; negative: lower',
            )->required(),
            'left_leather_mm' => Shape::number(10, 400, 'mm, root to tip')->required(),
            'right_leather_mm' => Shape::number(10, 400, 'mm, root to tip')->required(),
            'shortest_mm' => Shape::number(0, 200, 'mm of hair below the leather at least')->default(10.0),
            'symmetry' => Shape::choice(['looks', 'measured'], 'school')->default('looks'),
        ]);
    }

    public function answer(Fields $in): array
    {
        return (new EarLevel())->below(
            $in->float('left_higher_mm'),
            $in->float('left_leather_mm'),
            $in->float('right_leather_mm'),
            $in->float('shortest_mm'),
            'measured' === $in->text('symmetry'),
        );
    }
}
