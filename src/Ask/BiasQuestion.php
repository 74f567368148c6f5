<?php

/** `bin/ask bias`: how far off the plan a person is with a tool. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Bias\BiasRule;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;

final readonly class BiasQuestion implements Question
{
    public function name(): string
    {
        return 'bias';
    }

    public function summary(): string
    {
        return 'How far off the plan a person is with a tool, told from how the coat comes back.';
    }

    public function shape(): Shape
    {
        $mm = Shape::number(0, Length::MAX_MM, 'mm')->required();

        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'mm_per_week' => Shape::number(0, 20, 'growth, from other visits than these; left out: usual'),
            'growth_sd' => Shape::number(0, 20, 'mm/week; left out: a quarter of the usual growth'),
            'observations' => Shape::list(
                Shape::object([
                    'who' => Shape::text(1, 80)->required(),
                    'tool' => Shape::text(1, 80)->required(),
                    'planned_mm' => $mm,
                    'arrival_mm' => $mm,
                    'weeks' => Shape::number(0, 260, 'weeks between')->required(),
                ]),
                0,
                1000,
            )->required(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $coat = $in->enum('coat', CoatType::class);
        $usual = (new GrowthRule())->learn($coat);
        $rule = new BiasRule(
            $in->floatOrNull('mm_per_week') ?? $usual->mmPerWeek,
            $in->floatOrNull('growth_sd') ?? $usual->sd,
            $coat->terminalMm(),
        );

        return [
            'biases' => $rule->biases(
                array_map(
                    static fn (Fields $o): array => [
                        'who' => $o->text('who'),
                        'tool' => $o->text('tool'),
                        'planned' => $o->float('planned_mm'),
                        'arrival' => $o->float('arrival_mm'),
                        'weeks' => $o->float('weeks'),
                    ],
                    $in->objects('observations'),
                ),
            ),
        ];
    }
}
