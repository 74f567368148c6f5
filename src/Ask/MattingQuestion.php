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
            'rate_minor' => Shape::integer(0, 100_000)->nullable()->describe('minor currency units per matting minute'),
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
            $in->intOrNull('rate_minor'),
        ))
            ->reckon($mats)
            ->toArray();
    }
}
