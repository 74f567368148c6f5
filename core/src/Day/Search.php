<?php

/** Lays out one day: a broad search first, made better until nothing helps, then branch and bound. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final class Search
{
    private const PAIR = 300;
    private const THREE = 800;

    private ?State $best = null;
    private int $looked = 0;
    private bool $proven = false;

    private function __construct(private readonly Moves $moves)
    {
    }

    /**
     * @param int $looks how many steps it may look at in all
     *
     * @return array{State, bool} the best it found, and whether there is none better
     */
    public static function day(Board $board, int $looks): array
    {
        $search = new self(new Moves($board));
        $tasks = array_sum(array_map('count', $board->ticks)) - array_sum($board->first);
        $best = $search->orders($board, intdiv($looks, 4));
        $search->keep($best);
        $search->broad($tasks, intdiv($looks, 3));
        if ([] === $search->best?->out) {
            $search->better(\count($board->ticks), intdiv(9 * $looks, 10));
            $search->deep($search->looked + intdiv($looks, 10));
        }

        return [$search->best ?? $best, $search->proven];
    }

    /** Step by step with the best few of each. */
    private function broad(int $tasks, int $looks): void
    {
        $states = [$this->moves->begin()];
        $began = $this->looked;
        for ($left = $tasks; $left > 0 && [] !== $states; --$left) {
            // As wide as what is left of its looks lets, at about six moves a state.
            $width = max(2, intdiv($looks - ($this->looked - $began), 6 * $left));
            $next = [];
            foreach ($states as $state) {
                foreach ($this->after($state) as $new) {
                    $next[] = $new;
                }
            }
            usort($next, static fn (State $a, State $b): int => [$a->bound, $a->last] <=> [$b->bound, $b->last]);
            $states = $seen = [];
            foreach ($next as $new) {
                if (!self::isWorse($new, $seen)) {
                    $states[] = $new;
                    if (\count($states) === $width) {
                        break;
                    }
                }
            }
            foreach ($states as $state) {
                if ($this->moves->isDone($state)) {
                    $this->keep($state);
                }
            }
            $states = array_values(array_filter($states, fn (State $s): bool => !$this->moves->isDone($s)));
        }
    }

    /** Whose turn it is first: an order of the dogs, made better by swapping two until none of that helps. */
    private function orders(Board $board, int $most): State
    {
        $order = array_keys($board->ticks);
        usort($order, static fn (int $a, int $b): int => $board->promised[$a] <=> $board->promised[$b]);
        $best = $this->inOrder($order);
        $jobs = \count($order);
        for ($gap = 1, $since = 0; $since < $jobs && $this->looked < $most; $gap = 1 + $gap % max(1, $jobs - 1)) {
            ++$since;
            for ($a = 0; $a + $gap < $jobs && $this->looked < $most; ++$a) {
                $other = $order;
                [$other[$a], $other[$a + $gap]] = [$order[$a + $gap], $order[$a]];
                $new = $this->inOrder($other);
                if ($new->bound < $best->bound) {
                    [$best, $order, $since] = [$new, $other, 0];
                }
            }
        }

        return $best;
    }

    /** @param array<int, int> $order jobs, whose turn it is first first */
    private function inOrder(array $order): State
    {
        $turn = array_flip($order);
        $state = $this->moves->begin();
        while (!$this->moves->isDone($state)) {
            $moves = $this->moves->of($state);
            if (\is_int($moves)) {
                $state = $this->moves->leaveOut($state, $moves);
                continue;
            }
            $this->looked += 2;
            // The first whose turn it is; with whoever has done it soonest.
            usort($moves, static fn (array $a, array $b): int => [$turn[$a[0]], $a[5]] <=> [$turn[$b[0]], $b[5]]);
            $state = $this->moves->place($state, $moves[0]);
        }

        return $state;
    }

    /**
     * Whether one that is as far along is no worse; else it is kept to compare with.
     *
     * @param array<string, list<State>> $seen
     */
    private static function isWorse(State $state, array &$seen): bool
    {
        $key = $state->key();
        foreach ($seen[$key] ?? [] as $other) {
            if ($other->isNoWorseThan($state)) {
                return true;
            }
        }
        $seen[$key][] = $state;

        return false;
    }

    /** @return list<State> */
    private function after(State $state): array
    {
        $moves = $this->moves->of($state);
        if (\is_int($moves)) {
            $left = $this->moves->leaveOut($state, $moves);

            return $this->moves->isDone($left) ? [$left] : $this->after($left);
        }
        $out = [];
        foreach ($moves as $move) {
            ++$this->looked;
            $new = $this->moves->place($state, $move);
            if (null === $this->best || $new->bound < $this->best->bound) {
                $out[] = $new;
            }
        }

        return $out;
    }

    /** Some dogs at a time are laid out anew, the others keep their order and people, until none of that helps. */
    private function better(int $jobs, int $most): void
    {
        $groups = self::groups($jobs);
        $since = 0;
        for ($i = 0; $since < \count($groups) && $this->looked < $most; $i = ($i + 1) % \count($groups)) {
            $was = $this->best?->bound;
            [$loose, $anybody, $looks] = $groups[$i];
            $this->deep($this->looked + $looks, new Kept($this->best?->steps() ?? [], $loose, $anybody));
            $since = $was === $this->best?->bound ? $since + 1 : 0;
        }
    }

    /** @return list<array{list<int>, bool, int}> dogs laid out anew, whether the others' people may change, looks */
    private static function groups(int $jobs): array
    {
        $ones = $pairs = $threes = [];
        for ($a = 0; $a < $jobs; ++$a) {
            $ones[] = [[$a], true, self::PAIR];
            for ($b = $a + 1; $b < $jobs; ++$b) {
                $pairs[] = [[$a, $b], false, self::PAIR];
                for ($c = $b + 1; $c < $jobs; ++$c) {
                    $threes[] = [[$a, $b, $c], false, self::THREE];
                }
            }
        }

        return [...$ones, ...$pairs, ...$threes];
    }

    /** All that could be better than the best, the most promising first. */
    private function deep(int $most, ?Kept $kept = null): void
    {
        $stack = [$this->moves->begin()];
        $seen = [];
        $this->proven = null === $kept;
        while ([] !== $stack) {
            $state = array_pop($stack);
            if (null !== $this->best && $state->bound >= $this->best->bound) {
                continue;
            }
            if ($this->looked > $most) {
                $this->proven = false;

                return;
            }
            if ($this->moves->isDone($state)) {
                $this->keep($state);
                continue;
            }
            if (self::isWorse($state, $seen)) {
                continue;
            }
            $moves = $this->moves->of($state, $kept);
            if (\is_int($moves)) {
                continue;
            }
            $new = [];
            foreach ($moves as $move) {
                ++$this->looked;
                $new[] = $this->moves->place($state, $move, $kept);
            }
            usort($new, static fn (State $a, State $b): int => [$b->bound, $b->last] <=> [$a->bound, $a->last]);
            array_push($stack, ...$new);
        }
    }

    private function keep(State $state): void
    {
        if (null === $this->best || $state->bound < $this->best->bound) {
            $this->best = $state;
        }
    }
}
