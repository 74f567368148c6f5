<?php

/** `bin/ask handling`: what a dog can be asked to bear today. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Place;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;

final readonly class HandlingQuestion implements Question
{
    public function name(): string
    {
        return 'handling';
    }

    public function summary(): string
    {
        return 'The next rung of the ladder, minutes to allow, go or no-go for this groomer, a substitute tool, '.
            'homework, and when a full job is likely.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'tool' => Shape::enum(Tool::class, 'tool')->required(),
            'log' => Shape::list(Exposure::shape(), 0, 500)->default([])->describe('how it went before, in any order'),
            'today' => Shape::date()->required(),
            'place' => Shape::enum(Place::class, 'place')->nullable()->describe('left out: anywhere on the dog'),
            'tolerance' => Shape::integer(0, 5)
                ->nullable()
                ->describe('0 impossible to 5 at ease; left out: nobody knows'),
            'risk' => Shape::integer(1, 5)->nullable()->describe('left out: the tool\'s own'),
            'confidence' => Shape::integer(1, 5)->required()->describe('the groomer\'s for this task'),
            'new_things' => Shape::integer(0, 20)
                ->default(0)
                ->describe('besides the rung: person, place, a zone never done'),
            'second_person' => Shape::boolean()->default(true)->describe('whether one can be had'),
            'visit_weeks' => Shape::integer(1, 52)->default(6),
        ]);
    }

    public function answer(Fields $in): array
    {
        $today = $in->dateOrNull('today') ?? throw new \LogicException('The shape requires a day.');
        $log = array_map(Exposure::fromFields(...), $in->objects('log'));
        foreach ($log as $i => $e) {
            if ($e->on > $today) {
                throw InvalidInput::at("log[$i].date", 'is after today');
            }
        }

        return (new HandlingRule())
            ->today(
                $in->enum('tool', Tool::class),
                $log,
                $today,
                $in->intOrNull('tolerance'),
                $in->int('confidence'),
                $in->intOrNull('risk'),
                $in->int('new_things'),
                $in->bool('second_person'),
                $in->int('visit_weeks'),
                $in->enumOrNull('place', Place::class),
            )
            ->toArray();
    }
}
