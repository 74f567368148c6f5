<?php

/**
 * This dog's order of work: what must be, what the salon's school prefers, what the card and today's findings change.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\InvalidInput;

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
            throw InvalidInput::at(
                'schools.drying',
                'nearly dry is enough contradicts the must "bone dry before guards": a guard snags and rides up '.
                    'on a damp coat',
            );
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
                            \sprintf(
                                '"%s" contradicts the must "%s"%s: %s',
                                $wish->words(),
                                $pair->words(),
                                [] === $others ? '' : ' together with '.implode(', ', $others),
                                $pair->why,
                            ),
                        );
                    }
                    $moved[] = [
                        'step' => $wish->before->value,
                        'why' => \sprintf('not %s today: what was found, or the card, comes first', $wish->words()),
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
                yield $must(Step::Check, $s, 'nothing is begun before the dog has been felt over');
            }
            if (!\in_array($s, [Step::Notes, Step::Handover], true)) {
                yield $must($s, Step::Notes, 'notes are about what was done');
            }
            if ($s->cuts()) {
                yield $must(Step::CombOut, $s, 'dry and combed to the skin before it is cut to length');
                yield $must($s, Step::Look, 'the whole dog is looked at when every part is done');
            }
        }
        yield $must(Step::CombTest, Step::Knots, 'found before it is worked on');
        yield $must(Step::CombTest, Step::Bath, 'wet mats tighten: combed before the bath');
        if (!$job->comingOff) {
            yield $must(Step::Knots, Step::Bath, 'wet mats tighten: out, or coming off, before the bath');
        }
        yield $must(Step::Bath, Step::Dry, 'washed, then dried');
        yield $must(Step::Dry, Step::CombOut, 'hair stretches and lies when it is dry');
        yield $must(Step::Bath, Step::Rear, 'clean before the rear is scissored');
        if ($schools->grinds()) {
            yield $must(Step::Pads, Step::Nails, 'foot hair winds into a grinder');
        }
        yield $must(Step::Ears, Step::Dry, 'ears are dried after they were cleaned');
        yield $must(Step::Body, Step::Legs, 'the straight line first, then what is set against it');
        yield $must(Step::Look, Step::Finish, 'finished when nothing asks for scissors');
        yield $must(Step::Notes, Step::Handover, 'the owner is told what is written down');
    }

    /** @return list<Edge> */
    private function findings(Job $job): array
    {
        $out = [];
        if ($job->smells) {
            $out[] = new Edge(Step::Bath, Step::CloseWork, Edge::FINDING, 'dirty today: washed first');
            $out[] = new Edge(Step::Bath, Step::Nails, Edge::FINDING, 'dirty today: washed first');
        }
        if ($job->fearsDryer) {
            foreach ([Step::Nails, Step::Pads] as $s) {
                $out[] = new Edge($s, Step::Dry, Edge::FINDING, 'afraid of the dryer: done while it is still calm');
            }
        }
        if ($job->shortPatience) {
            foreach ([Step::CloseWork, Step::Pads, Step::Nails, Step::Ears] as $health) {
                foreach ([Step::Bath, Step::Body, Step::Head, Step::Rear] as $later) {
                    $out[] = new Edge(
                        $health,
                        $later,
                        Edge::FINDING,
                        'patience is short: what health hangs on comes first',
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
                'the itch is washed away, less dirt carried',
                'a clean coat, a cleaner line',
            ),
            ...$when(
                Step::Undercoat,
                $schools->undercoat,
                'undercoat',
                'less shampoo, less drying',
                'clean hair lets go, the tool glides',
            ),
            ...$when(Step::Pads, $schools->pads, 'pads', 'less to wash and dry', 'hair stands away when it is clean'),
            ...$when(
                Step::Nails,
                $schools->nailsWhen,
                'nails_when',
                'dust is washed off',
                'claws are soft after the bath',
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
