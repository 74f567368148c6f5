<?php

/** `bin/ask minutes`: how long, how sure, how much, and who may do it. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Timing\Charges;
use KeenThistle\Core\Timing\DryWay;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Zone\Zone;

final readonly class MinutesQuestion implements Question
{
    public function name(): string
    {
        return 'minutes';
    }

    public function summary(): string
    {
        return 'How long a visit takes (half and four fifths of such visits), by phase, what it costs, and whom '.
            'the work may be given to.';
    }

    public function shape(): Shape
    {
        $visits = Shape::list(
            Shape::object([
                'estimate' => Shape::number(1, 1440, 'minutes')->required(),
                'actual' => Shape::number(1, 1440, 'minutes')->required(),
                'kind' => Shape::enum(Service::class, 'kind')->nullable()->describe('left out: the kind asked for'),
            ]),
            0,
            200,
        )->default([]);

        return Shape::object([
            'kg' => Shape::kilograms()->required(),
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'kind' => Shape::enum(Service::class, 'kind')->default('full'),
            'matting_minutes' => Shape::number(0, 1440, 'minutes from the comb test')->default(0.0),
            'new_things' => Shape::integer(0, 40)->default(0)->describe('tools, people or places new to the dog'),
            'weeks_late' => Shape::number(0, 260, 'weeks past the clock that decides')->default(0.0),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'method' => Shape::enum(Method::class, 'method')->required(),
                ]),
                0,
                80,
            )
                ->nullable()
                ->describe('left out: as this coat is usually done'),
            'visits' => $visits->describe('this dog\'s earlier visits, oldest first'),
            'groomer_visits' => $visits->describe('the groomer\'s earlier visits, oldest first'),
            'mean_mm' => Shape::number(0, Length::MAX_MM, 'mm, mean length on arrival')->nullable(),
            'dry_way' => Shape::enum(DryWay::class, 'way of drying')->default('forced'),
            'rate_minor' => Shape::number(0, 100_000, 'minor currency units per minute')->nullable(),
            'rate_minor_per_hour' => Shape::number(0, 6_000_000, 'minor currency units per hour')->nullable(),
            'matting_rate_minor' => Shape::number(0, 100_000, 'minor currency units per minute on mats')->nullable(),
            'matting_rate_minor_per_hour' => Shape::number(0, 6_000_000, 'minor currency units per hour')->nullable(),
            'fees' => Shape::list(
                Shape::object([
                    'label' => Shape::line(1, 80)->required(),
                    'minor' => Shape::integer(-1_000_000, 1_000_000)->required(),
                ]),
                0,
                20,
            )->default([]),
            'tasks' => Shape::list(SkillCheck::taskShape(), 0, 40)->default([])->describe('what this dog bears badly'),
            'groomers' => Shape::list(SkillCheck::groomerShape(), 0, 40)
                ->default([])
                ->describe('who could be given the work'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $zones = null;
        if ($in->has('zones')) {
            $zones = [];
            foreach ($in->objects('zones') as $z) {
                if (isset($zones[$z->text('zone')])) {
                    throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
                }
                $zones[$z->text('zone')] = $z->enum('method', Method::class);
            }
        }
        $visits = static fn (string $name): array => array_map(
            static fn (Fields $v): array => [
                'estimate' => $v->float('estimate'),
                'actual' => $v->float('actual'),
                'kind' => $v->textOrNull('kind') ?? $in->text('kind'),
            ],
            $in->objects($name),
        );
        $rate = Rate::perMinute($in, 'rate_minor');
        $matRate = Rate::perMinute($in, 'matting_rate_minor');
        $work = new Work(
            $in->float('kg'),
            $in->enum('coat', CoatType::class),
            $in->enum('handling', Handling::class),
            $in->enum('kind', Service::class),
            $in->float('matting_minutes'),
            $in->int('new_things'),
            $in->float('weeks_late'),
            $zones,
            $visits('visits'),
            $visits('groomer_visits'),
            array_map(
                static fn (Fields $f): array => ['label' => $f->text('label'), 'minor' => $f->int('minor')],
                $in->objects('fees'),
            ),
            null === $rate ? null : new Charges($rate, $matRate),
            $in->floatOrNull('mean_mm'),
            $in->enum('dry_way', DryWay::class),
        );

        return (new MinutesRule())->estimate($work)->toArray() +
            (new SkillCheck())->of($in->objects('tasks'), $in->objects('groomers'), $in->enum('kind', Service::class));
    }
}
