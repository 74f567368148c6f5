<?php

/** What is done to a dog whatever its trim: looked at, washed, dried, combed, claws, ears, handed over. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class Care
{
    /** Work that is there whatever the dog. */
    private const ALWAYS = ['check', 'comb_test', 'nails', 'ears', 'look', 'finish', 'notes', 'handover'];
    private const WET = ['brush_out', 'bath', 'dry', 'comb_out'];

    public function __construct(private Job $job, private Schools $schools)
    {
    }

    /** Whether the dog is washed today. */
    private function washes(): bool
    {
        $strips = [] !== array_filter($this->job->zones, static fn (Cut $c): bool => 'strip' === $c->kind);

        return !$this->job->staysDry() && !($strips && $this->schools->is('strip', 'days_after'));
    }

    /** @return list<WorkItem> */
    public function items(): array
    {
        $job = $this->job;
        $nodes = self::ALWAYS;
        $wet = self::WET;
        if (!$this->washes()) {
            $wet = ['brush_out'];
        }
        // Nothing is brushed that goes: unless the house brushes always.
        if ($job->comesOff) {
            $wet = array_diff($wet, ['comb_out'], $this->schools->is('brush_out', 'always') ? [] : ['brush_out']);
        }
        // Bare skin has nothing to comb, cords are never combed, and short flat hair needs one brush.
        $wet = match ($job->coat) {
            CoatType::Hairless, CoatType::Corded => array_diff($wet, ['brush_out', 'comb_out']),
            CoatType::Smooth => array_diff($wet, ['comb_out']),
            default => $wet,
        };
        $nodes = [...$nodes, ...$wet];
        if ('none' !== $job->rearSoil || $job->staysDry() || $this->rearNeedsWiping()) {
            $nodes[] = 'wipe';
        }
        if ($job->coat->isDouble()) {
            $nodes[] = 'rake';
        }
        if (\in_array(Step::Teeth, $job->wanted, true)) {
            $nodes[] = 'teeth';
        }
        if (\in_array(Step::Wipe, $job->wanted, true)) {
            $nodes[] = 'face';
        }

        return array_map(
            fn (string $node): WorkItem => new WorkItem(
                $node,
                self::usualTool($node, $job),
                'bath' === $node ? $this->washed() : [],
                Edge::title($node),
                self::doneWhen($node, $job->coat),
                null,
                ItemCautions::of($node, $job, []),
            ),
            array_values($nodes),
        );
    }

    /** A rear that is scissored without a bath is wiped first. */
    private function rearNeedsWiping(): bool
    {
        if ($this->washes()) {
            return false;
        }
        foreach ($this->job->zones as $zone => $cut) {
            if ('rear' === $cut->node(Zone::of($zone))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> every zone of the trim, in the order it is washed */
    private function washed(): array
    {
        $zones = array_keys($this->job->zones);
        $rearFirst = $this->schools->is('washing_order', 'rear_first');
        $at = [];
        foreach ($zones as $zone) {
            $at[$zone] = self::fromTheRear(Zone::of($zone), $rearFirst);
        }
        usort(
            $zones,
            static fn (string $a, string $b): int => [$at[$a], Region::rank($a)] <=> [$at[$b], Region::rank($b)],
        );

        return $zones;
    }

    private static function fromTheRear(Zone $zone, bool $rearFirst): int
    {
        $place = match (true) {
            \in_array($zone->group, ['sanitary', 'tail', 'rear'], true) => 0,
            'body' === $zone->group => 1,
            'front' === $zone->group, 'feet' === $zone->group => 2,
            'neck' === $zone->group => 3,
            default => 4,
        };

        // The other school begins at the neck and leaves the head to the end as well.
        return $rearFirst || 4 === $place ? $place : 3 - $place;
    }

    private static function doneWhen(string $node, CoatType $coat): string
    {
        return match (true) {
            'comb_test' === $node && CoatType::Corded === $coat => Say::it('order.cords_part_at_the_skin'),
            'brush_out' === $node && CoatType::Smooth === $coat => Say::it('order.a_rubber_brush_brings_nothing_more'),
            default => Edge::step($node)->doneWhen(),
        };
    }

    private static function usualTool(string $node, Job $job): ?string
    {
        return match ($node) {
            'comb_test' => CoatType::Corded === $job->coat ? Say::it('order.hands') : 'comb',
            'comb_out' => 'comb',
            'brush_out' => CoatType::Smooth === $job->coat
                ? Say::it('order.rubber_brush')
                : Say::it('order.slicker_and_comb'),
            'rake' => 'rake',
            'wipe', 'face' => Say::it('order.damp_cloth'),
            'teeth' => Say::it('order.dog_toothpaste'),
            'dry' => $job->fearsDryer ? Say::it('order.towels_then_a_cool_quiet_dryer') : 'dryer',
            default => null,
        };
    }
}
