<?php

/** What is asked about a round: the van, the roads, the stops. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Say\Say;

final class RoundInput
{
    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        $way = Shape::object([
            'from' => Shape::line(1, 60)->required(),
            'to' => Shape::line(1, 60)->required(),
            'minutes' => Shape::integer(0, 600)->nullable()->required(),
            'one_way' => Shape::boolean()->default(false),
        ]);
        $refill = Shape::object([
            'at' => Shape::line(1, 60)->required(),
            'water' => Shape::boolean()->default(true),
            'power' => Shape::boolean()->default(false),
            'minutes' => Shape::integer(0, 600)->required(),
        ]);

        return Shape::object([
            'base' => Shape::line(1, 60)->required(),
            'starts' => Shape::time()->required(),
            'ends' => Shape::time()->required(),
            'tank_litres' => Shape::number(0, 1000, 'l')->required(),
            'battery_minutes' => Shape::number(0, 1440, 'min')->required(),
            'refills' => Shape::list($refill, 0, 6)->default([]),
            'breaks' => Shape::list(
                Shape::object(['from' => Shape::time()->required(), 'to' => Shape::time()->required()]),
                0,
                4,
            )->default([]),
            'roads' => Shape::list(
                Shape::object([
                    'from' => Shape::time()->nullable(),
                    'ways' => Shape::list($way, 0, 400)->required(),
                ]),
                1,
                12,
            )->required(),
            'stops' => Shape::list(Stop::shape(), 0, RoundRule::MOST)->required(),
        ]);
    }

    /**
     * @return array{Van, Roads, list<Stop>}
     *
     * @throws InvalidInput for a place that no road leads to, or a stop that is there twice
     */
    public static function of(Fields $in): array
    {
        $van = new Van(
            $in->text('base'),
            $in->int('starts'),
            $in->int('ends'),
            $in->float('tank_litres'),
            $in->float('battery_minutes'),
            array_map(
                static fn (Fields $r): Refill => new Refill(
                    $r->text('at'),
                    $r->bool('water'),
                    $r->bool('power'),
                    $r->int('minutes'),
                ),
                $in->objects('refills'),
            ),
            pauses: self::pauses($in->objects('breaks')),
        );
        if ($van->ends <= $van->starts) {
            throw InvalidInput::at('ends', Say::it('round.must_be_after_starts'));
        }
        $roads = new Roads(self::tables($in->objects('roads')));
        $stops = array_map(Stop::of(...), $in->objects('stops'));
        $ids = array_column($stops, 'id');
        foreach ($stops as $n => $stop) {
            if (!$roads->knows($stop->at)) {
                throw InvalidInput::at("stops[$n].at", Say::it('round.not_on_the_map', $stop->at));
            }
            if (array_search($stop->id, $ids, true) !== $n) {
                throw InvalidInput::at("stops[$n].id", Say::it('round.there_twice', $stop->id));
            }
        }
        foreach (['base' => $van->base] + array_column($van->refills, 'at') as $field => $at) {
            if (!$roads->knows($at)) {
                $name = 'base' === $field ? 'base' : "refills[$field].at";
                throw InvalidInput::at($name, Say::it('round.not_on_the_map', $at));
            }
        }

        return [$van, $roads, $stops];
    }

    /**
     * @param list<Fields> $given
     *
     * @return list<Pause> by their time, those that overlap as one
     *
     * @throws InvalidInput for one that ends before it begins
     */
    private static function pauses(array $given): array
    {
        $pauses = array_map(static fn (Fields $b): Pause => new Pause($b->int('from'), $b->int('to')), $given);
        foreach ($pauses as $n => $p) {
            if ($p->to <= $p->from) {
                throw InvalidInput::at("breaks[$n].to", RoundWords::mustBeAfterFrom());
            }
        }
        usort($pauses, static fn (Pause $a, Pause $b): int => $a->from <=> $b->from);
        $apart = [];
        foreach ($pauses as $p) {
            $last = array_pop($apart);
            if (null !== $last && $p->from > $last->to) {
                $apart[] = $last;
                $last = null;
            }
            $apart[] = new Pause($last->from ?? $p->from, max($last->to ?? 0, $p->to));
        }

        return $apart;
    }

    /**
     * @param list<Fields> $given
     *
     * @return list<array{from: int, minutes: array<string, array<string, int|null>>}> by their time
     */
    private static function tables(array $given): array
    {
        $tables = [];
        foreach ($given as $n => $table) {
            $minutes = [];
            foreach ($table->objects('ways') as $way) {
                [$from, $to] = [$way->text('from'), $way->text('to')];
                $minutes[$from][$to] = $way->intOrNull('minutes');
                $minutes[$to] ??= [];
                if (!$way->bool('one_way')) {
                    $minutes[$to][$from] ??= $way->intOrNull('minutes');
                }
            }
            // The first holds from midnight, whatever it says.
            $tables[] = ['from' => 0 === $n ? 0 : $table->intOrNull('from') ?? 0, 'minutes' => $minutes];
        }
        usort($tables, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return $tables;
    }
}
