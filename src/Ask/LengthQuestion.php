<?php

/** `bin/ask length`: what a recipe leaves. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class LengthQuestion implements Question
{
    public function name(): string
    {
        return 'length';
    }

    public function summary(): string
    {
        return 'What a recipe leaves, in mm and inches, with its range, reasons and warnings.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'tool' => Tool::shape()->required(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'entered_mm' => Shape::number(
                0,
                Length::MAX_MM,
                'mm, for a method without a tool length; marked estimated',
            ),
            'zone' => Zone::shape()->describe('adds the warnings of that place'),
            'record' => Shape::choice(['plan', 'actual'], 'kind of record')
                ->default('plan')
                ->describe('A plan with an illegal guard base is refused, an actual is kept with its length unknown'),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $tool = Tool::fromFields($in->object('tool'));
        $entered = $in->floatOrNull('entered_mm');
        if (null !== $entered && $tool->hasLength()) {
            throw InvalidInput::at(
                'entered_mm',
                'only where no tool gives the length: that of a blade, guard or trimmer is derived',
            );
        }
        $recipe = new Recipe(
            $tool,
            $in->enum('lay', Lay::class),
            null === $entered ? null : Length::ofMillimetres($entered, 'entered_mm'),
        );
        $rule = new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements')));
        $zone = $in->textOrNull('zone');
        $zone = null === $zone ? null : Zone::of($zone);
        $answer = 'plan' === $in->text('record') ? $rule->planned($recipe, $zone) : $rule->actual($recipe, $zone);

        return ['tool' => $tool->toArray(), 'lay' => $recipe->lay->value] + $answer->toArray();
    }
}
