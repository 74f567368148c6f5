<?php

/** `bin/ask nails`: claw by claw. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Nails\Claw;
use KeenThistle\Core\Nails\NailsRule;

final readonly class NailsQuestion implements Question
{
    public function name(): string
    {
        return 'nails';
    }

    public function summary(): string
    {
        return 'Claw by claw: look, leave, tip, tiny cuts, grind only or refer; the next dates; and the '.
            'often-and-little plan.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'claws' => Shape::list(Claw::shape(), 1, 24)->required(),
            'ground' => Shape::enum(Ground::class, 'ground')->default('mixed'),
            'today' => Shape::date()->required(),
            'fragile_skin' => Shape::boolean()->default(false)->describe('the owner\'s'),
            'fears_grinder' => Shape::boolean()->default(false),
        ]);
    }

    public function answer(Fields $in): array
    {
        $claws = array_map(Claw::fromFields(...), $in->objects('claws'));
        $seen = [];
        foreach ($claws as $i => $claw) {
            if (isset($seen[$claw->foot][$claw->number])) {
                throw InvalidInput::at("claws[$i].claw", "claw $claw->number of $claw->foot is there twice");
            }
            $seen[$claw->foot][$claw->number] = true;
        }

        return (new NailsRule())
            ->today(
                $claws,
                $in->enum('ground', Ground::class),
                $in->dateOrNull('today') ?? throw new \LogicException('The shape requires a day.'),
                $in->bool('fragile_skin'),
                $in->bool('fears_grinder'),
            )
            ->toArray();
    }
}
