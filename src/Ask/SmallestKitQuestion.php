<?php

/** `bin/ask smallest-kit`: the fewest tools a van must carry for the given cards. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Kit\SmallestKit;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class SmallestKitQuestion implements Question
{
    public function name(): string
    {
        return 'smallest-kit';
    }

    public function summary(): string
    {
        return 'The fewest tools that make every zone of the given cards, what stays out of reach, the best to buy.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'tools' => Shape::list(KitTool::shape(), 0, SmallestKit::MOST)->required()->describe('to choose from'),
            'targets' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'target_mm' => Shape::number(0, Length::MAX_MM, 'mm')->required(),
                    'dog' => Shape::text(0, 80)->default(''),
                ]),
                1,
                1000,
            )
                ->required()
                ->describe('what the cards ask for, with the lay'),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $tools = array_map(KitTool::fromFields(...), $in->objects('tools'));
        $targets = array_map(
            static fn (Fields $t): array => [
                'zone' => $t->text('zone'),
                'target' => Length::ofMillimetres($t->float('target_mm'), $t->pathOf('target_mm')),
                'dog' => $t->text('dog'),
            ],
            $in->objects('targets'),
        );
        $lengths = new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements')));
        $found = (new SmallestKit($tools, $lengths))->of($targets);
        $said = static fn (int $i): array => [
            'zone' => $targets[$i]['zone'],
            'target_mm' => $targets[$i]['target']->rounded(),
            'dog' => $targets[$i]['dog'],
        ];
        $addition = $found['addition'];

        return [
            'kit' => array_map(static fn (KitTool $t): array => $t->toArray(), $found['kit']),
            'size' => \count($found['kit']),
            'unreachable' => array_map($said, $found['unreachable']),
            'best_addition' => null === $addition ? null : [
                'tool' => $addition['tool']->toArray(),
                'zones' => \count($addition['targets']),
                'reaches' => array_map($said, $addition['targets']),
            ],
            'spares' => array_map(
                static fn (array $s): array => ['tool' => $s['tool']->toArray(), 'why' => $s['why']],
                $found['spares'],
            ),
        ];
    }
}
