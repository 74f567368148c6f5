<?php

/** `bin/ask heat`: when to feel a blade again, and what a reading means. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;

final readonly class HeatQuestion implements Question
{
    public function name(): string
    {
        return 'heat';
    }

    public function summary(): string
    {
        return 'Seconds until a blade is felt again (only while it runs), and what a temperature reading means.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'blade' => Shape::choice(BladeTable::labels(), 'blade')
                ->required()
                ->describe('the blade that cuts: under a guard, its base'),
            'clipping' => Shape::list(
                Shape::object([
                    'from_s' => Shape::number(0, 86_400, 's')->required(),
                    'to_s' => Shape::number(0, 86_400, 's')->required(),
                ]),
                0,
                500,
            )
                ->default([])
                ->describe('while the clipper ran, in seconds since the groom began'),
            'checked_s' => Shape::number(0, 86_400, 's')->nullable(),
            'now_s' => Shape::number(0, 86_400, 's')->required(),
            'celsius' => Shape::number(-40, 150, '°C')->nullable(),
            'spares' => Shape::integer(0, 20)->default(0)->describe('cool blades of the same size in reach'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $spans = [];
        foreach ($in->objects('clipping') as $i => $c) {
            if ($c->float('to_s') < $c->float('from_s')) {
                throw InvalidInput::at("clipping[$i].to_s", 'ends before it begins');
            }
            $spans[] = ['from' => $c->float('from_s'), 'to' => $c->float('to_s')];
        }

        if ($in->float('now_s') < ($in->floatOrNull('checked_s') ?? 0.0)) {
            throw InvalidInput::at('checked_s', 'is after now_s');
        }

        return (new HeatRule())
            ->now(
                $in->text('blade'),
                $spans,
                $in->floatOrNull('checked_s'),
                $in->float('now_s'),
                $in->floatOrNull('celsius'),
                $in->int('spares'),
            )
            ->toArray();
    }
}
