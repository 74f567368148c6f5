<?php

/** `bin/ask read-cut`: what a dog from elsewhere was cut with, read off its lengths. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\ReadCut\ReadCutRule;
use KeenThistle\Core\Zone\Zone;

final readonly class ReadCutQuestion implements Question
{
    public function name(): string
    {
        return 'read-cut';
    }

    public function summary(): string
    {
        return 'What was used last time, zone by zone with how likely it is: a guessed first card.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'weeks' => Shape::number(0, 260, 'weeks')
                ->nullable()
                ->describe('since the cut; left out: read off the lengths, 0 to 26'),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'found_mm' => Shape::number(0, Length::MAX_MM, 'mm found')->required(),
                ]),
                1,
                100,
            )->required(),
            'tools' => Shape::list(KitTool::shape(), 1, 60)->required()->describe('usual tools'),
            'measurements' => Shape::list(Measurement::shape())->default([]),
            'observations' => Shape::list(Observation::shape(), 0, 500)->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $growth = (new GrowthRule())->learn(
            $in->enum('coat', CoatType::class),
            array_map(Observation::fromFields(...), $in->objects('observations')),
        );
        $found = [];
        foreach ($in->objects('zones') as $z) {
            if (isset($found[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
            }
            $found[$z->text('zone')] = Length::ofMillimetres($z->float('found_mm'), $z->pathOf('found_mm'));
        }
        $lengths = new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements')));
        $kit = new KitMatch(array_map(KitTool::fromFields(...), $in->objects('tools')), $lengths);

        return [
            'guessed' => true,
            ...(new ReadCutRule(
                $kit,
                $growth->withFactor($in->enum('stage', CoatStage::class)->growthFactor()),
                $lengths,
            ))->read($found, $in->floatOrNull('weeks')),
        ];
    }
}
