<?php

/** `bin/ask blend`: how two neighbouring lengths are made to meet. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Blend\Side;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class BlendQuestion implements Question
{
    public function name(): string
    {
        return 'blend';
    }

    public function summary(): string
    {
        return 'Whether two neighbouring lengths need a blend, and by which shears or ladder of guards.';
    }

    public function shape(): Shape
    {
        $side = Shape::object([
            'zone' => Zone::shape(),
            'finished_mm' => Shape::number(0, Length::MAX_MM, 'mm')->required(),
            'method' => Shape::enum(Method::class, 'method')->default('clip'),
        ]);

        return Shape::object([
            'from' => $side->describe('one zone: {"zone":"back","finished_mm":6}'),
            'to' => $side->describe('its neighbour'),
            'zone' => Zone::shape()->describe('in place of from and to: this zone against all its neighbours'),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'finished_mm' => Shape::number(0, Length::MAX_MM, 'mm')->required(),
                    'method' => Shape::enum(Method::class, 'method')->default('clip'),
                ]),
                1,
                80,
            )->describe('the dog as it is planned, this zone among them'),
            'tools' => Shape::list(KitTool::shape(), 0, 300)->default([])->describe('the guards and blades in reach'),
            'lays' => Shape::list(Shape::enum(Lay::class, 'lay'), 1, 3)->default(['with']),
            'hard_line' => Shape::boolean()->default(false)->describe('the card wants a line here'),
            'hard_lines' => Shape::list(Zone::shape(), 0, 80)
                ->default([])
                ->describe('with zones: the neighbours that the card wants a line to'),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $kit = new KitMatch(
            array_map(KitTool::fromFields(...), $in->objects('tools')),
            new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements'))),
        );
        $rule = new BlendRule($kit, array_map(Lay::from(...), $in->texts('lays')));
        if ($in->has('zone') || $in->has('zones')) {
            return ['neighbours' => self::all($in, $rule)];
        }
        foreach (['from', 'to'] as $name) {
            if (!$in->has($name)) {
                throw InvalidInput::missing($name, 'give from and to, or zone and zones');
            }
        }
        $from = self::side($in->object('from'));
        $to = self::side($in->object('to'));
        if (null !== $from->zone && null !== $to->zone && !self::meet($from->zone, $to->zone)) {
            throw InvalidInput::at('to.zone', "does not meet {$from->zone->id}");
        }

        return $rule->between($from, $to, $in->bool('hard_line'))->toArray();
    }

    /** @return list<array<string, mixed>> */
    private static function all(Fields $in, BlendRule $rule): array
    {
        $sides = [];
        foreach ($in->has('zones') ? $in->objects('zones') : [] as $z) {
            if (isset($sides[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
            }
            $sides[$z->text('zone')] = self::side($z);
        }
        $zone =
            $in->textOrNull('zone') ?? throw InvalidInput::missing('zone', 'the zone whose neighbours are asked for');
        $own = $sides[$zone] ?? throw InvalidInput::missing('zones', "what $zone itself carries has to be among them");
        $out = [];
        foreach (Zone::of($zone)->neighbours() as $next) {
            if (isset($sides[$next->id])) {
                $line = $in->bool('hard_line') || \in_array($next->id, $in->texts('hard_lines'), true);
                $out[] = ['zone' => $next->id] + $rule->between($own, $sides[$next->id], $line)->toArray();
            }
        }

        return $out;
    }

    private static function side(Fields $in): Side
    {
        $zone = $in->textOrNull('zone');

        return new Side(
            Length::ofMillimetres($in->float('finished_mm'), $in->pathOf('finished_mm')),
            null === $zone ? null : Zone::of($zone),
            $in->enum('method', Method::class),
        );
    }

    private static function meet(Zone $a, Zone $b): bool
    {
        return \in_array($b->id, array_map(static fn (Zone $z): string => $z->id, $a->neighbours()), true);
    }
}
