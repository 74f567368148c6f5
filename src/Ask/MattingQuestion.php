<?php

/** `bin/ask matting`: what a comb test comes to. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\MattingRule;

final readonly class MattingQuestion implements Question
{
    public function name(): string
    {
        return 'matting';
    }

    public function summary(): string
    {
        return 'Comb or clip: load, a decision for each zone with blade and minutes, the fee, and whether an '.
            'even length is the kinder way.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'kg' => Shape::kilograms()->required(),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'coat' => Shape::enum(CoatType::class, 'coat')->default('curly'),
            'hand_stripped' => Shape::boolean()->default(false),
            'zones' => Shape::list(Mat::shape(), 0, 80)->required(),
            'mats' => Shape::choice(['save', 'clip'], 'school')
                ->default('save')
                ->describe('the salon\'s school: save the coat, or clip early'),
            'experienced' => Shape::boolean()
                ->default(false)
                ->describe('an experienced groomer is at the table'),
            'rate_minor' => Shape::number(0, 100_000, 'minor currency units per matting minute')->nullable(),
            'rate_minor_per_hour' => Shape::number(0, 6_000_000, 'minor currency units per hour')->nullable(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $mats = array_map(Mat::fromFields(...), $in->objects('zones'));
        $seen = [];
        foreach ($mats as $i => $mat) {
            if (isset($seen[$mat->zone->id])) {
                throw InvalidInput::at("zones[$i].zone", "{$mat->zone->id} is there twice");
            }
            $seen[$mat->zone->id] = true;
        }

        return (new MattingRule(
            $in->float('kg'),
            $in->enum('handling', Handling::class),
            $in->enum('coat', CoatType::class),
            $in->bool('hand_stripped'),
            Rate::perMinute($in, 'rate_minor'),
            'clip' === $in->text('mats'),
            $in->bool('experienced'),
        ))
            ->reckon($mats)
            ->toArray();
    }
}
