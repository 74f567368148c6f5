<?php

/** What must hold whatever the school: which work comes before which, with the reason. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Say\Say;

final readonly class Musts
{
    private const OUTLINE = ['clip', 'scissor', 'thin', 'edges', 'feet', 'rear', 'card'];
    private const BY_HAND = ['scissor', 'thin', 'edges', 'feet', 'rear'];

    /** @param list<string> $nodes work that this dog has today */
    public function __construct(private array $nodes)
    {
    }

    /** @return list<Edge> */
    public function of(Schools $schools): array
    {
        $out = [];
        foreach ($this->all($schools) as [$before, $after, $why]) {
            if ($this->has($before) && $this->has($after) && $before !== $after) {
                $out[] = new Edge($before, $after, Edge::MUST, $why);
            }
        }

        return $out;
    }

    private function has(string $node): bool
    {
        return \in_array($node, $this->nodes, true);
    }

    /** @return iterable<array{string, string, string}> before, after, why */
    private function all(Schools $schools): iterable
    {
        foreach ($this->nodes as $node) {
            yield ['check', $node, Say::it('order.nothing_is_begun_before_the_dog')];
            if ('handover' !== $node) {
                yield [$node, 'notes', Say::it('order.notes_are_about_what_was_done')];
            }
            if (Edge::step($node)->cuts() || 'card' === $node) {
                yield [$node, 'look', Say::it('order.the_whole_dog_is_looked_at')];
            }
        }
        yield from $this->beforeTheBath();
        foreach (self::OUTLINE as $node) {
            yield ['dry', $node, Say::it('order.dry_and_combed_to_the_skin')];
            yield ['comb_out', $node, Say::it('order.dry_and_combed_to_the_skin')];
            if (!$this->has('comb_out')) {
                yield ['brush_out', $node, Say::it('order.combed_before_it_is_cut')];
            }
        }
        yield ['bath', 'dry', Say::it('order.washed_then_dried')];
        yield ['dry', 'comb_out', Say::it('order.hair_stretches_and_lies_when_it')];
        yield ['bath', 'rear', Say::it('order.clean_before_the_rear_is_scissored')];
        if ($schools->grinds()) {
            yield ['pads', 'nails', Say::it('order.foot_hair_winds_into_a_grinder')];
        }
        yield ['pads', 'feet', Say::it('order.pads_are_short_before_the_foot_is_round')];
        foreach (self::BY_HAND as $node) {
            yield ['clip', $node, Say::it('order.clippers_before_scissors')];
        }
        yield ['scissor', 'feet', Say::it('order.the_straight_line_first_then_what')];
        yield ['scissor', 'edges', Say::it('order.the_straight_line_first_then_what')];
        yield ['look', 'finish', Say::it('order.finished_when_nothing_asks_for_scissors')];
        yield ['teeth', 'finish', Say::it('order.finished_when_nothing_asks_for_scissors')];
        yield ['face', 'look', Say::it('order.the_whole_dog_is_looked_at')];
        yield ['notes', 'handover', Say::it('order.the_owner_is_told_what_is')];
    }

    /** @return iterable<array{string, string, string}> */
    private function beforeTheBath(): iterable
    {
        foreach (['comb_test', 'mats_out', 'mats_clip', 'close_work', 'brush_out', 'rear'] as $node) {
            yield ['wipe', $node, Say::it('order.soil_away_before_comb_or_scissors')];
        }
        foreach (['mats_out', 'mats_clip', 'brush_out', 'strip', 'rake'] as $node) {
            yield ['comb_test', $node, Say::it('order.found_before_it_is_worked_on')];
        }
        yield ['comb_test', 'bath', Say::it('order.wet_mats_tighten_combed_before_the')];
        foreach (['mats_out', 'mats_clip', 'skin', 'brush_out'] as $node) {
            yield [$node, 'bath', Say::it('order.wet_mats_tighten_out_or_coming')];
        }
        foreach (['mats_out', 'mats_clip'] as $node) {
            yield [$node, 'brush_out', Say::it('order.knots_first_then_brushed_through')];
            yield [$node, 'strip', Say::it('order.knots_first_then_brushed_through')];
        }
        yield ['mats_clip', 'skin', Say::it('order.the_skin_is_seen_when_it_is_off')];
        yield ['skin', 'brush_out', Say::it('order.the_skin_is_seen_when_it_is_off')];
        yield ['brush_out', 'strip', Say::it('order.combed_before_it_is_cut')];
        yield ['strip', 'bath', Say::it('order.a_washed_coat_is_slippery')];
    }
}
