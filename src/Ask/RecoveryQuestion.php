<?php

/** `bin/ask recovery`: how long a cut takes to grow back. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Growth\RecoveryRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;

final readonly class RecoveryQuestion implements Question
{
    public function name(): string
    {
        return 'recovery';
    }

    public function summary(): string
    {
        return 'Weeks until a zone cut to one length is back to another, and whether it must be agreed first.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'cut_mm' => Shape::number(0, Length::MAX_MM, 'mm it is cut to')->required(),
            'back_to_mm' => Shape::number(0, Length::MAX_MM, 'mm it should be again')->required(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'observations' => Shape::list(Observation::shape(), 0, 500)->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $growth = (new GrowthRule())->learn(
            $in->enum('coat', CoatType::class),
            array_map(Observation::fromFields(...), $in->objects('observations')),
        );

        return (new RecoveryRule())
            ->weeksBack(
                $growth,
                Length::ofMillimetres($in->float('cut_mm'), 'cut_mm'),
                Length::ofMillimetres($in->float('back_to_mm'), 'back_to_mm'),
                $in->enum('stage', CoatStage::class),
            )
            ->toArray();
    }
}
