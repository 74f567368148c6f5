<?php

/** `bin/ask converge`: the visit at which nobody sees a patch any more, by what is done around it. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Converge\ConvergeRule;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;

final readonly class ConvergeQuestion implements Question
{
    public function name(): string
    {
        return 'converge';
    }

    public function summary(): string
    {
        return 'When an exception patch is seen no more: by keeping the length, meeting half way, or all down to it.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'patch_mm' => Shape::number(0, Length::MAX_MM, 'mm the patch was left at')->required(),
            'style_mm' => Shape::number(0, Length::MAX_MM, 'mm around it')->required(),
            'every_weeks' => Shape::integer(1, 52)->required()->describe('weeks between visits'),
            'today' => Shape::date()->required()->describe('visit 0'),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'hemisphere' => Shape::enum(Season::class, 'hemisphere')->default('north'),
            'observations' => Shape::list(Observation::shape(), 0, 500)->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $season = $in->enum('hemisphere', Season::class);
        $growth = (new GrowthRule($season))->learn(
            $in->enum('coat', CoatType::class),
            array_map(Observation::fromFields(...), $in->objects('observations')),
        );
        $today = $in->dateOrNull('today') ?? throw new \LogicException('It is required.');

        return [
            'ways' => (new ConvergeRule($growth, $in->enum('stage', CoatStage::class), $season))->ways(
                Length::ofMillimetres($in->float('patch_mm'), 'patch_mm'),
                Length::ofMillimetres($in->float('style_mm'), 'style_mm'),
                $in->int('every_weeks'),
                $today,
            ),
            'reasons' => Reason::listToArray($growth->reasons),
        ];
    }
}
