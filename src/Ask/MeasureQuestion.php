<?php

/** `bin/ask measure`: what readings of a tool say together, and whether they are believed. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;

final readonly class MeasureQuestion implements Question
{
    public function name(): string
    {
        return 'measure';
    }

    public function summary(): string
    {
        return 'The mean and the spread of several readings of a tool; a spread too wide, or 40 % off what it is '.
            'marked for, is asked about.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'tool' => Tool::shape()->required(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'readings_mm' => Shape::list(Shape::number(0, Length::MAX_MM, 'mm'), 1, MeasureRule::MOST)
                ->required()
                ->describe('five make a careful measurement'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $tool = Tool::fromFields($in->object('tool'));
        $readings = [];
        foreach ($in->floats('readings_mm') as $i => $mm) {
            $readings[] = Length::ofMillimetres($mm, "readings_mm[$i]");
        }

        return (new MeasureRule())
            ->judge(
                $readings,
                (new LengthRule())->planned(new Recipe($tool, $in->enum('lay', Lay::class)))->finished,
                $tool->isBlade() ? $tool->label : null,
                'readings_mm',
            )
            ->toArray();
    }
}
