<?php

/** `bin/ask wear`: what a blade has run, and what is due. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wear\CareTable;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Core\Wear\WearRule;

final readonly class WearQuestion implements Question
{
    public function name(): string
    {
        return 'wear';
    }

    public function summary(): string
    {
        return 'Minutes a tool has run, weighted by dirt; when it is oiled, disinfected and sharpened next.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'today' => Shape::date()->required(),
            'events' => Shape::list(
                Shape::object([
                    'kind' => Shape::choice(ToolEvent::KINDS, 'kind of event')->required(),
                    'on' => Shape::date()->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes')->default(0.0),
                    'dirt' => Shape::choice(array_keys(ToolEvent::DIRT), 'dirt')->default('clean'),
                    'dog' => Shape::line(0, 60)->default(''),
                    'celsius' => Shape::number(-20, 200, '°C')
                        ->nullable()
                        ->describe('of a heat reading'),
                ]),
                0,
                5000,
            )
                ->required()
                ->describe('the tool\'s life'),
            'kind' => Shape::choice(CareTable::kinds(), 'kind of tool')->default('blade'),
            'ahead' => Shape::list(
                Shape::object([
                    'on' => Shape::date()->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes')->required(),
                ]),
                0,
                1000,
            )
                ->default([])
                ->describe('what bookings will ask of it'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $events = array_map(
            static fn (Fields $e): ToolEvent => new ToolEvent(
                $e->text('kind'),
                $e->dateOrNull('on') ?? throw new \LogicException('The shape requires a day.'),
                $e->float('minutes'),
                $e->text('dirt'),
                $e->text('dog'),
                $e->floatOrNull('celsius'),
            ),
            $in->objects('events'),
        );
        $today = $in->dateOrNull('today') ?? throw new \LogicException('The shape requires a day.');
        foreach ($events as $i => $e) {
            if ($e->on > $today) {
                throw InvalidInput::at("events[$i].on", 'is after today');
            }
        }
        $ahead = array_map(
            static fn (Fields $b): array => [
                'on' => $b->dateOrNull('on') ?? throw new \LogicException('The shape requires a day.'),
                'minutes' => $b->float('minutes'),
            ],
            $in->objects('ahead'),
        );

        return (new WearRule())->now(array_values($events), $today, array_values($ahead), $in->text('kind'))->toArray();
    }
}
