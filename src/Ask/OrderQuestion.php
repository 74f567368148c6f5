<?php

/** `bin/ask order`: this dog's order of work. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Zone\Zone;

final readonly class OrderQuestion implements Question
{
    public function name(): string
    {
        return 'order';
    }

    public function summary(): string
    {
        return 'This dog\'s order of work: steps with tool, cautions and when each is done, '
            .'and what moved from the usual.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'tool' => Shape::line(1, 60)->required()->describe('in words, as it is picked up'),
                    'guard' => Shape::boolean()->default(false),
                ]),
                0,
                80,
            )->required(),
            'schools' => Schools::shape()->nullable(),
            'exceptions' => Shape::list(
                Shape::object([
                    'before' => Shape::enum(Step::class, 'step')->required(),
                    'after' => Shape::enum(Step::class, 'step')->required(),
                    'why' => Shape::line(1, 120)->required(),
                ]),
                0,
                20,
            )
                ->default([])
                ->describe('what this dog\'s card wants otherwise: one step before another'),
            'skip' => Shape::list(Shape::enum(Step::class, 'step'), 0, 20)->default([]),
            'findings' => Shape::object([
                'matted' => Shape::boolean()->default(false),
                'coming_off' => Shape::boolean()->default(false),
                'smells' => Shape::boolean()->default(false),
                'fears_dryer' => Shape::boolean()->default(false),
                'short_patience' => Shape::boolean()->default(false),
            ])->nullable(),
            'minutes' => Shape::list(
                Shape::object([
                    'step' => Shape::enum(Step::class, 'step')->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes')->required(),
                ]),
                0,
                30,
            )->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $zones = [];
        $guards = false;
        foreach ($in->objects('zones') as $z) {
            if (isset($zones[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), 'is there twice');
            }
            $zones[$z->text('zone')] = $z->text('tool');
            $guards = $guards || $z->bool('guard');
        }
        $exceptions = [];
        foreach ($in->objects('exceptions') as $i => $e) {
            $exceptions[] = new Edge(
                $e->enum('before', Step::class),
                $e->enum('after', Step::class),
                Edge::CARD,
                $e->text('why'),
                "exceptions[$i]",
            );
        }
        $minutes = [];
        foreach ($in->objects('minutes') as $m) {
            $minutes[$m->text('step')] = $m->float('minutes');
        }
        $found = $in->objectOrNull('findings');
        $is = static fn (string $name): bool => $found?->bool($name) ?? false;
        $job = new Job(
            $zones,
            $in->enum('coat', CoatType::class),
            $guards,
            $exceptions,
            array_map(Step::from(...), $in->texts('skip')),
            $is('matted'),
            $is('coming_off'),
            $is('smells'),
            $is('fears_dryer'),
            $is('short_patience'),
            $minutes,
        );
        $schools = $in->objectOrNull('schools');

        return (new OrderRule())
            ->order($job, null === $schools ? new Schools() : Schools::fromFields($schools))
            ->toArray();
    }
}
