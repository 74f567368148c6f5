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
    /** @throws InvalidInput where a school or the card contradicts a must; names the pair */
    public function order(Job $job, Schools $schools): WorkList
    {
        $steps = array_values(
            array_filter(
                Step::cases(),
                static fn (Step $s): bool => !\in_array($s, $job->skip, true) && self::applies($s, $job),
            ),
        );
        if ($job->guards && 'nearly_dry' === $schools->drying) {
            throw InvalidInput::at('schools.drying', Say::it('order.nearly_dry_is_enough_contradicts_the'));
        }
        $musts = array_values(
            array_filter(
                [...$this->musts($job, $schools)],
                static fn (Edge $e): bool => \in_array($e->before, $steps, true) && \in_array($e->after, $steps, true),
            ),
        );
        $reach = new Reach();
        foreach ($musts as $must) {
            $reach->add($must);
        }
        $kept = $musts;
        $moved = [];
        // Findings outrank the card, the card outranks the school; each is held against the musts, and what is held
        // already.
        foreach ([$this->findings($job), $job->exceptions, $this->schools($schools)] as $wishes) {
            foreach ($wishes as $wish) {
                if (!\in_array($wish->before, $steps, true) || !\in_array($wish->after, $steps, true)) {
                    continue;
                }
                if ($reach->leads($wish->after, $wish->before)) {
                    // Against musts, with no more than others of its own kind in between, it is a contradiction; else
                    // it gives way.
                    $way =
                        Edge::FINDING === $wish->from
                            ? null
                            : self::way(
                                array_values(
                                    array_filter(
                                        $kept,
                                        static fn (Edge $e): bool => Edge::MUST === $e->from
                                            || $e->from === $wish->from,
                                    ),
                                ),
                                $wish->after,
                                $wish->before,
                            );
                    $broken = array_values(
                        array_filter($way ?? [], static fn (Edge $e): bool => Edge::MUST === $e->from),
                    );
                    if ([] !== $broken) {
                        $pair = end($broken);
                        $others = array_map(
                            static fn (Edge $e): string => '"'.$e->words().'"',
                            array_values(
                                array_filter($way ?? [], static fn (Edge $e): bool => Edge::MUST !== $e->from),
                            ),
                        );
                        throw InvalidInput::at(
                            $wish->field,
                            Say::it(
                                'order.contradicts_the_must',
                                $wish->words(),
                                $pair->words(),
                                [] === $others ? '' : Say::it('order.together_with', implode(', ', $others)),
                                $pair->why,
                            ),
                        );
                    }
                    $moved[] = [
                        'step' => $wish->before->value,
                        'why' => Say::it('order.not_today_what_was_found_or', $wish->words()),
                    ];
                    continue;
                }
                $kept[] = $wish;
                $reach->add($wish);
                if (Edge::SCHOOL !== $wish->from) {
                    $moved[] = ['step' => $wish->before->value, 'why' => $wish->words().': '.$wish->why];
                }
            }
        }

        return Sequence::of($job, $schools, $steps, $kept, $moved);
    }

    private static function applies(Step $step, Job $job): bool
    {
        $has = static fn (): bool => [] !==
            array_filter(
                array_keys($job->zones),
                static fn (string $z): bool => Step::of(\KeenThistle\Core\Zone\Zone::of($z)) === $step,
            );

        return match ($step) {
            Step::Knots => $job->matted,
            Step::Undercoat => $job->coat->isDouble(),
            Step::Body,
            Step::Legs,
            Step::Head,
            Step::EarEdges,
            Step::Feet,
            Step::Rear,
            Step::CloseWork,
            Step::Pads => $has(),
            default => true,
        };
    }

    /** @return iterable<Edge> */
    private function musts(Job $job, Schools $schools): iterable
    {
        $must = static fn (Step $a, Step $b, string $why): Edge => new Edge($a, $b, Edge::MUST, $why);
        foreach (Step::cases() as $s) {
            if (Step::Check !== $s) {
                yield $must(Step::Check, $s, Say::it('order.nothing_is_begun_before_the_dog'));
            }
            if (!\in_array($s, [Step::Notes, Step::Handover], true)) {
                yield $must($s, Step::Notes, Say::it('order.notes_are_about_what_was_done'));
            }
            if ($s->cuts()) {
                yield $must(Step::CombOut, $s, Say::it('order.dry_and_combed_to_the_skin'));
                yield $must($s, Step::Look, Say::it('order.the_whole_dog_is_looked_at'));
            }
        }
        yield $must(Step::CombTest, Step::Knots, Say::it('order.found_before_it_is_worked_on'));
        yield $must(Step::CombTest, Step::Bath, Say::it('order.wet_mats_tighten_combed_before_the'));
        if (!$job->comingOff) {
            yield $must(Step::Knots, Step::Bath, Say::it('order.wet_mats_tighten_out_or_coming'));
        }
        yield $must(Step::Bath, Step::Dry, Say::it('order.washed_then_dried'));
        yield $must(Step::Dry, Step::CombOut, Say::it('order.hair_stretches_and_lies_when_it'));
        yield $must(Step::Bath, Step::Rear, Say::it('order.clean_before_the_rear_is_scissored'));
        if ($schools->grinds()) {
            yield $must(Step::Pads, Step::Nails, Say::it('order.foot_hair_winds_into_a_grinder'));
        }
        yield $must(Step::Ears, Step::Dry, Say::it('order.ears_are_dried_after_they_were'));
        yield $must(Step::Body, Step::Legs, Say::it('order.the_straight_line_first_then_what'));
        yield $must(Step::Look, Step::Finish, Say::it('order.finished_when_nothing_asks_for_scissors'));
        yield $must(Step::Notes, Step::Handover, Say::it('order.the_owner_is_told_what_is'));
    }

    /** @return list<Edge> */
    private function findings(Job $job): array
    {
        $out = [];
        if ($job->smells) {
            $out[] = new Edge(Step::Bath, Step::CloseWork, Edge::FINDING, Say::it('order.dirty_today_washed_first'));
            $out[] = new Edge(Step::Bath, Step::Nails, Edge::FINDING, Say::it('order.dirty_today_washed_first'));
        }
        if ($job->fearsDryer) {
            foreach ([Step::Nails, Step::Pads] as $s) {
                $out[] = new Edge($s, Step::Dry, Edge::FINDING, Say::it('order.afraid_of_the_dryer_done_while'));
            }
        }
        if ($job->shortPatience) {
            foreach ([Step::CloseWork, Step::Pads, Step::Nails, Step::Ears] as $health) {
                foreach ([Step::Bath, Step::Body, Step::Head, Step::Rear] as $later) {
                    $out[] = new Edge(
                        $health,
                        $later,
                        Edge::FINDING,
                        Say::it('order.patience_is_short_what_health_hangs'),
                    );
                }
            }
        }

        return $out;
    }

    /** @return list<Edge> */
    private function schools(Schools $schools): array
    {
        $when = static fn (
            Step $s,
            string $choice,
            string $field,
            string $before,
            string $after,
        ): array => Schools::BEFORE_BATH === $choice
            ? [new Edge($s, Step::Bath, Edge::SCHOOL, $before, "schools.$field")]
            : [new Edge(Step::Dry, $s, Edge::SCHOOL, $after, "schools.$field")];

        return [
            ...$when(
                Step::CloseWork,
                $schools->closeWork,
                'close_work',
                Say::it('order.the_itch_is_washed_away_less'),
                Say::it('order.a_clean_coat_a_cleaner_line'),
            ),
            ...$when(
                Step::Undercoat,
                $schools->undercoat,
                'undercoat',
                Say::it('order.less_shampoo_less_drying'),
                Say::it('order.clean_hair_lets_go_the_tool'),
            ),
            ...$when(
                Step::Pads,
                $schools->pads,
                'pads',
                Say::it('order.less_to_wash_and_dry'),
                Say::it('order.hair_stands_away_when_it_is'),
            ),
            ...$when(
                Step::Nails,
                $schools->nailsWhen,
                'nails_when',
                Say::it('order.dust_is_washed_off'),
                Say::it('order.claws_are_soft_after_the_bath'),
            ),
        ];
    }

    /**
     * The shortest way from one step to another.
     *
     * @param list<Edge> $edges
     *
     * @return list<Edge>|null
     */
    private static function way(array $edges, Step $from, Step $to): ?array
    {
        $queue = [[$from, []]];
        $seen = [$from->value => true];
        while ([] !== $queue) {
            [$at, $path] = array_shift($queue);
            foreach ($edges as $e) {
                if ($e->before === $at && !isset($seen[$e->after->value])) {
                    $seen[$e->after->value] = true;
                    if ($e->after === $to) {
                        return [...$path, $e];
                    }
                    $queue[] = [$e->after, [...$path, $e]];
                }
            }
        }

        return null;
    }
}
