<?php

/** `bin/ask order`: this dog's order of work. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Order\Cut;
use KeenThistle\Core\Order\Edge;
use KeenThistle\Core\Order\Job;
use KeenThistle\Core\Order\MatWork;
use KeenThistle\Core\Order\OrderRule;
use KeenThistle\Core\Order\Schools;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Zone\Zone;

final readonly class OrderQuestion implements Question
{
    private const BARE_MM = 3.2;

    public function name(): string
    {
        return 'order';
    }

    public function summary(): string
    {
        return 'This dog\'s order of work: items with zones, tool, cautions and when each is done, '.
            'and what moved from the usual.';
    }

    public function shape(): Shape
    {
        $step = Shape::enum(Step::class, 'step');

        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'kind' => Shape::enum(Service::class, 'kind')->default('full'),
            'kg' => Shape::kilograms()->nullable()->describe('with it the items have minutes'),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'tool' => Shape::objectOr(Tool::shape(), Shape::line(1, 60))
                        ->required()
                        ->describe('a tool, or in words as it is picked up'),
                    'method' => Shape::enum(Method::class, 'method')->nullable(),
                    'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
                    'guard' => Shape::boolean()->default(false)->describe('where the tool is only said in words'),
                ]),
                0,
                80,
            )->required(),
            'mats' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'decision' => Shape::enum(Decision::class, 'decision')->required(),
                    'blade' => Shape::line(1, 20)->nullable(),
                    'severity' => Shape::integer(0, 4)->default(3),
                    'clearance' => Shape::boolean()->default(true),
                    'minutes' => Shape::number(0, 1440, 'minutes')->nullable(),
                ]),
                0,
                80,
            )->default([]),
            'schools' => Schools::shape()->nullable(),
            'exceptions' => Shape::list(
                Shape::object([
                    'before' => $step->required(),
                    'after' => $step->required(),
                    'why' => Shape::line(0, 120)->default(''),
                ]),
                0,
                20,
            )
                ->default([])
                ->describe('what this dog\'s card wants otherwise: one step before another'),
            'skip' => Shape::list($step, 0, 20)->default([]),
            'findings' => Shape::object([
                'matted' => Shape::boolean()->default(false)->describe('mats, where nobody says where'),
                'coming_off' => Shape::boolean()->default(false),
                'smells' => Shape::boolean()->default(false),
                'fears_dryer' => Shape::boolean()->default(false),
                'short_patience' => Shape::boolean()->default(false),
                'tires' => Shape::boolean()->default(false)->describe('puppy, senior, painful, heart or airway'),
                'rear_soil' => Shape::choice(Job::SOILS, 'soil at the rear')->default('none'),
                'stays_dry' => Shape::list(Zone::shape(), 0, 80)->default([]),
            ])->nullable(),
            'wanted' => Shape::list(Shape::choice(['teeth', 'wipe'], 'item'), 0, 2)
                ->default([])
                ->describe('teeth where agreed; wipe: the face'),
            'minutes' => Shape::list(
                Shape::object([
                    'step' => $step->required(),
                    'minutes' => Shape::number(0, 1440, 'minutes')->required(),
                ]),
                0,
                30,
            )->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        [$zones, $methods] = self::zones($in);
        $mats = self::mats($in);
        $found = $in->objectOrNull('findings');
        $is = static fn (string $name): bool => $found?->bool($name) ?? false;
        $handling = $in->enum('handling', Handling::class);
        if ($is('matted') && [] === $mats) {
            $mats[] = new MatWork('back', Decision::Loosen, null, 2);
        }
        $job = new Job(
            $zones,
            $in->enum('coat', CoatType::class),
            $mats,
            self::exceptions($in),
            array_map(Step::from(...), $in->texts('skip')),
            $is('coming_off') || self::comesOff($zones),
            $is('smells'),
            $is('fears_dryer'),
            $is('short_patience') || \in_array($handling, [Handling::Painful, Handling::Frightened], true),
            $found?->text('rear_soil') ?? 'none',
            array_map(Step::from(...), $in->texts('wanted')),
            $found?->texts('stays_dry') ?? [],
            self::phases($in, $methods, $mats),
            self::said($in),
            $is('tires') || Handling::Painful === $handling,
            $in->enum('kind', Service::class),
        );
        $schools = $in->objectOrNull('schools');

        return (new OrderRule())
            ->order($job, null === $schools ? new Schools() : Schools::fromFields($schools))
            ->toArray();
    }

    /** @return array{array<string, Cut>, array<string, Method>} by zone */
    private static function zones(Fields $in): array
    {
        $cuts = $methods = [];
        foreach ($in->objects('zones') as $z) {
            $zone = $z->text('zone');
            if (isset($cuts[$zone])) {
                throw InvalidInput::at($z->pathOf('zone'), "$zone is there twice");
            }
            $lay = $z->enum('lay', Lay::class);
            $method = $z->enumOrNull('method', Method::class);
            if ($z->isObject('tool')) {
                $tool = Tool::fromFields($z->object('tool'));
                $leaves = (new LengthRule())->planned(new Recipe($tool, $lay), null, $z->pathOf('tool'))->finished;
                $cuts[$zone] = Cut::of($tool, $lay, $leaves);
            } else {
                $cuts[$zone] = Cut::said($z->text('tool'), $z->bool('guard'), $method?->value, $lay);
            }
            $methods[$zone] =
                $method ??
                match ($cuts[$zone]->kind) {
                    'guard' => Method::Guard,
                    'blade', 'trimmer' => Method::Clip,
                    default => Method::from($cuts[$zone]->kind),
                };
        }

        return [$cuts, $methods];
    }

    /** @return list<MatWork> */
    private static function mats(Fields $in): array
    {
        $mats = [];
        foreach ($in->objects('mats') as $m) {
            $zone = Zone::of($m->text('zone'));
            if (isset($mats[$zone->id])) {
                throw InvalidInput::at($m->pathOf('zone'), "$zone->id is there twice");
            }
            $decision = $m->enum('decision', Decision::class);
            $mats[$zone->id] = new MatWork(
                $zone->id,
                $decision,
                $m->textOrNull('blade'),
                $m->int('severity'),
                $zone->tender,
                $decision->takesTheHair() && (4 === $m->int('severity') || !$m->bool('clearance')),
                $m->floatOrNull('minutes'),
            );
        }

        return array_values($mats);
    }

    /** @return list<Edge> */
    private static function exceptions(Fields $in): array
    {
        $out = [];
        foreach ($in->objects('exceptions') as $i => $e) {
            $out[] = Edge::between(
                $e->enum('before', Step::class),
                $e->enum('after', Step::class),
                Edge::CARD,
                $e->text('why'),
                "exceptions[$i]",
            );
        }

        return $out;
    }

    /**
     * Every zone of the body bare at 3.2 mm or less.
     *
     * @param array<string, Cut> $zones
     */
    private static function comesOff(array $zones): bool
    {
        $body = array_filter(
            $zones,
            static fn (string $z): bool => \in_array(Zone::of($z)->group, ['body', 'rear', 'neck'], true)
                && !Zone::of($z)->tender,
            \ARRAY_FILTER_USE_KEY,
        );
        $bare = array_filter(
            $body,
            static fn (Cut $c): bool => \in_array($c->kind, ['blade', 'trimmer'], true)
                && $c->leaves > 0
                && $c->leaves <= self::BARE_MM + 1e-9,
        );

        return [] !== $body && \count($bare) === \count($body);
    }

    /**
     * @param array<string, Method> $methods
     * @param list<MatWork> $mats
     *
     * @return array<string, float> minutes by phase, where the weight is known
     */
    private static function phases(Fields $in, array $methods, array $mats): array
    {
        $kg = $in->floatOrNull('kg');
        if (null === $kg) {
            return [];
        }
        $matting = array_sum(array_map(static fn (MatWork $m): float => $m->minutes ?? 0.0, $mats));

        return (new MinutesRule())->estimate(
            new Work(
                $kg,
                $in->enum('coat', CoatType::class),
                $in->enum('handling', Handling::class),
                $in->enum('kind', Service::class),
                $matting,
                zones: [] === $methods ? null : $methods,
            ),
        )->phases;
    }

    /** @return array<string, float> minutes that somebody said, by step */
    private static function said(Fields $in): array
    {
        $out = [];
        foreach ($in->objects('minutes') as $m) {
            $out[$m->text('step')] = $m->float('minutes');
        }

        return $out;
    }
}
