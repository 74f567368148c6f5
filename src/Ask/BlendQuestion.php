<?php

/** `bin/ask blend`: how two neighbouring lengths are made to meet. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Blend\BlendRule;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
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
        ]);

        return Shape::object([
            'from' => $side->required()->describe('one zone: {"zone":"back","finished_mm":6}'),
            'to' => $side->required()->describe('its neighbour'),
            'tools' => Shape::list(KitTool::shape(), 0, 300)->default([])->describe('the guards and blades in reach'),
            'lays' => Shape::list(Shape::enum(Lay::class, 'lay'), 1, 3)->default(['with']),
            'hard_line' => Shape::boolean()->default(false),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $from = $in->object('from');
        $to = $in->object('to');
        $a = $from->textOrNull('zone');
        $b = $to->textOrNull('zone');
        if (
            null !== $a
            && null !== $b
            && !\in_array($b, array_map(static fn (Zone $z): string => $z->id, Zone::of($a)->neighbours()), true)
        ) {
            throw InvalidInput::at('to.zone', "does not meet $a");
        }
        $kit = new KitMatch(
            array_map(KitTool::fromFields(...), $in->objects('tools')),
            new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements'))),
        );
        $rule = new BlendRule($kit, array_map(Lay::from(...), $in->texts('lays')));

        return $rule
            ->between(
                Length::ofMillimetres($from->float('finished_mm'), 'from.finished_mm'),
                Length::ofMillimetres($to->float('finished_mm'), 'to.finished_mm'),
                $in->bool('hard_line'),
            )
            ->toArray();
    }
}
