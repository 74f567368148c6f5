<?php

/**
 * This dog's order of work: what must be, what the salon's school prefers, what the card and today's findings change.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;

final readonly class OrderRule
{
    private const HEALTH = ['mats_clip', 'close_work', 'pads', 'nails', 'ears'];
    private const LATER = ['bath', 'brush_out', 'clip', 'scissor', 'thin', 'rear', 'strip', 'rake'];
    public const REST_MINUTES = 45;
    private const REST_OFTEN_MINUTES = 20;

    /** @throws InvalidInput where a school or the card contradicts a must, or the card itself; names the pair */
    public function order(Job $job, Schools $schools): WorkList
    {
        $items = (new Items($job, $schools))->all();
        $nodes = array_values(array_unique(array_map(static fn (WorkItem $i): string => $i->node, $items)));
        $musts = (new Musts($nodes))->of($schools);
        $has = static fn (Edge $e): bool => \in_array($e->before, $nodes, true) && \in_array($e->after, $nodes, true);
        $wanted = self::schools($schools);
        // Findings outrank the card, the card outranks the school; each is held against the musts, and what is held
        // already.
        [$kept, $moved] = self::settle($nodes, $musts, [
            array_values(array_filter(self::findings($job), $has)),
            array_values(array_filter(self::exceptions($job), $has)),
            array_values(array_filter($wanted, $has)),
        ]);
        $ordered = Sequence::of($items, $kept);
        $usual =
            [] === $moved
                ? $ordered
                : Sequence::of($items, self::settle($nodes, $musts, [array_values(array_filter($wanted, $has))])[0]);

        return new WorkList(
            $ordered,
            Sequence::toolChanges($ordered),
            [...self::really($moved, $usual, $ordered), ...self::leftOut($job, $schools, $nodes)],
            $job->tires ? self::REST_OFTEN_MINUTES : self::REST_MINUTES,
            SchoolEffects::defaults($schools),
            \in_array('dry', $nodes, true)
                && ($job->fearsDryer || !$schools->is('drying_way', 'forced'))
                && \in_array('guard', array_map(static fn (Cut $c): string => $c->kind, $job->zones), true),
        );
    }

    /**
     * @param list<string> $nodes
     * @param list<Edge> $musts
     * @param list<list<Edge>> $wishes the strongest first
     *
     * @return array{list<Edge>, list<array{edge: Edge, kept: bool}>} what holds, and every wish that is not a school's
     *     or gave way
     *
     * @throws InvalidInput naming the pair
     */
    private static function settle(array $nodes, array $musts, array $wishes): array
    {
        $reach = new Reach($nodes);
        foreach ($musts as $must) {
            $reach->add($must);
        }
        $kept = $musts;
        $moved = [];
        foreach ($wishes as $rank) {
            foreach ($rank as $wish) {
                if ($reach->leads($wish->after, $wish->before)) {
                    Contradiction::check($wish, $kept);
                    $moved[] = ['edge' => $wish, 'kept' => false];
                    continue;
                }
                $kept[] = $wish;
                $reach->add($wish);
                if (Edge::SCHOOL !== $wish->from) {
                    $moved[] = ['edge' => $wish, 'kept' => true];
                }
            }
        }

        return [$kept, $moved];
    }

    /**
     * Only what really stands elsewhere than it usually would.
     *
     * @param list<array{edge: Edge, kept: bool}> $moved
     * @param list<WorkItem> $usual
     * @param list<WorkItem> $ordered
     *
     * @return list<array{step: string, why: string}>
     */
    private static function really(array $moved, array $usual, array $ordered): array
    {
        $out = [];
        foreach ($moved as ['edge' => $edge, 'kept' => $kept]) {
            $was = self::precedes($usual, $edge);
            $is = self::precedes($ordered, $edge);
            if ($kept && !$was && $is) {
                $out[] = ['step' => Edge::step($edge->before)->value, 'why' => $edge->words().': '.$edge->why];
            }
            // What the card wants and does not get is said in any case.
            if (!$kept && !$is && ($was || Edge::CARD === $edge->from)) {
                $out[] = [
                    'step' => Edge::step($edge->before)->value,
                    'why' => Say::it('order.not_today_what_was_found_or', $edge->words()),
                ];
            }
        }

        return $out;
    }

    /** @param list<WorkItem> $items */
    private static function precedes(array $items, Edge $edge): bool
    {
        $at = static fn (string $node): array => array_keys(
            array_filter($items, static fn (WorkItem $i): bool => $i->node === $node),
        );
        $before = $at($edge->before);
        $after = $at($edge->after);

        return [] !== $before && [] !== $after && max($before) < min($after);
    }

    /**
     * Work that a dog usually has and this one has not today.
     *
     * @param list<string> $nodes
     *
     * @return list<array{step: string, why: string}>
     */
    private static function leftOut(Job $job, Schools $schools, array $nodes): array
    {
        $out = [];
        if ($job->comesOff && !\in_array('comb_out', $nodes, true) && \in_array('dry', $nodes, true)) {
            $out[] = ['step' => 'comb_out', 'why' => Say::it('order.not_combed_it_comes_off')];
        }
        if ($job->staysDry()) {
            $out[] = ['step' => 'bath', 'why' => Say::it('order.not_bathed_too_much_stays_dry')];
        } elseif ([] === $job->skip && \in_array('strip', $nodes, true) && $schools->is('strip', 'days_after')) {
            $out[] = ['step' => 'bath', 'why' => Say::it('order.bathed_some_days_after_the_strip')];
        }

        return $out;
    }

    /** @return list<Edge> */
    private static function findings(Job $job): array
    {
        $out = [];
        $add = static function (string $before, string $after, string $why) use (&$out): void {
            $out[] = new Edge($before, $after, Edge::FINDING, $why);
        };
        if ($job->smells) {
            $add('bath', 'close_work', Say::it('order.dirty_today_washed_first'));
            $add('bath', 'nails', Say::it('order.dirty_today_washed_first'));
        }
        if ($job->fearsDryer) {
            $add('nails', 'dry', Say::it('order.afraid_of_the_dryer_done_while'));
            $add('pads', 'dry', Say::it('order.afraid_of_the_dryer_done_while'));
        }
        foreach ($job->shortPatience ? self::HEALTH : [] as $health) {
            foreach (self::LATER as $later) {
                $add($health, $later, Say::it('order.patience_is_short_what_health_hangs'));
            }
        }

        return $out;
    }

    /**
     * @return list<Edge> of the card, for every part of a step it names
     *
     * @throws InvalidInput for a step before itself
     */
    private static function exceptions(Job $job): array
    {
        $out = [];
        foreach ($job->exceptions as $e) {
            if ($e->before === $e->after) {
                throw InvalidInput::at($e->field, Say::it('order.before_itself', $e->words()));
            }
            foreach (self::parts($e->before) as $before) {
                foreach (self::parts($e->after) as $after) {
                    $out[] = new Edge($before, $after, Edge::CARD, $e->why, $e->field);
                }
            }
        }

        return $out;
    }

    /** @return list<string> */
    private static function parts(string $step): array
    {
        return [$step, ...array_keys(array_filter(Edge::PARTS, static fn (Step $s): bool => $s->value === $step))];
    }

    /** @return list<Edge> */
    private static function schools(Schools $schools): array
    {
        $when = static fn (string $node, string $point, string $before, string $after): Edge => $schools->is(
            $point,
            Schools::BEFORE_BATH,
        )
            ? new Edge($node, 'bath', Edge::SCHOOL, $before, "schools.$point")
            : new Edge('dry', $node, Edge::SCHOOL, $after, "schools.$point");
        $out = [
            $when(
                'close_work',
                'close_work',
                Say::it('order.the_itch_is_washed_away_less'),
                Say::it('order.a_clean_coat_a_cleaner_line'),
            ),
            $when(
                'rake',
                'undercoat',
                Say::it('order.less_shampoo_less_drying'),
                Say::it('order.clean_hair_lets_go_the_tool'),
            ),
            $when('pads', 'pads', Say::it('order.less_to_wash_and_dry'), Say::it('order.hair_stands_away_when_it_is')),
            $when(
                'nails',
                'nails_when',
                Say::it('order.dust_is_washed_off'),
                Say::it('order.claws_are_soft_after_the_bath'),
            ),
        ];
        if ($schools->is('ears_when', 'at_end')) {
            $out[] = new Edge('look', 'ears', Edge::SCHOOL, Say::it('order.ears_at_the_end'), 'schools.ears_when');
        } else {
            $out[] = $when(
                'ears',
                'ears_when',
                Say::it('order.ears_are_dried_after_they_were'),
                Say::it('order.water_is_out_of_them_too'),
            );
        }

        return $out;
    }
}
