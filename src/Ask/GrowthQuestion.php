<?php

/** `bin/ask growth`: how fast a coat grows, and what it is after some weeks. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;

final readonly class GrowthQuestion implements Question
{
    public function name(): string
    {
        return 'growth';
    }

    public function summary(): string
    {
        return 'How fast a coat grows, learned from visits, and how long it is after some weeks.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'observations' => Shape::list(Observation::shape(), 0, 500)->default([]),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'hemisphere' => Shape::enum(Season::class, 'hemisphere')->default('north'),
            'finished_mm' => Shape::number(0, Length::MAX_MM, 'mm left, to be projected'),
            'weeks' => Shape::number(0, 260, 'weeks to project'),
            'from' => Shape::date()->describe('day of the cut: growth follows the season from there'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $season = $in->enum('hemisphere', Season::class);
        $growth = (new GrowthRule($season))->learn(
            $in->enum('coat', CoatType::class),
            array_map(Observation::fromFields(...), $in->objects('observations')),
        );
        $out = [
            'mm_per_week' => round($growth->mmPerWeek, 2),
            'sd' => round($growth->sd, 2),
            'n' => $growth->n,
            'terminal_mm' => $growth->coat->terminalMm(),
            'reasons' => Reason::listToArray($growth->reasons),
        ];
        $finished = $in->floatOrNull('finished_mm');
        $weeks = $in->floatOrNull('weeks');
        if ((null === $finished) !== (null === $weeks)) {
            throw InvalidInput::missing(
                null === $finished ? 'finished_mm' : 'weeks',
                'a projection needs both finished_mm and weeks',
            );
        }
        if (null !== $finished && null !== $weeks) {
            $left = Length::ofMillimetres($finished, 'finished_mm');
            $stage = $in->enum('stage', CoatStage::class);
            $project = static fn (float $sds): float => $growth
                ->withMean(max(0.0, $growth->mmPerWeek + $sds * $growth->sd))
                ->after($left, $weeks, $stage, $in->dateOrNull('from'), $season)
                ->rounded();
            $out += ['length_mm' => $project(0), 'low_mm' => $project(-1), 'high_mm' => $project(1)];
        }

        return $out;
    }
}
