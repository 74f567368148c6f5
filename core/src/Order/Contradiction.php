<?php

/** Finds what a wish breaks, and names the pair: a must, or another wish of its own kind. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;

final class Contradiction
{
    private function __construct()
    {
    }

    /**
     * What stands against it with no more than musts and others of its own kind is a contradiction; else it gives way.
     *
     * @param list<Edge> $kept
     *
     * @throws InvalidInput naming both
     */
    public static function check(Edge $wish, array $kept): void
    {
        if (Edge::FINDING === $wish->from) {
            return;
        }
        $way = self::way(
            array_values(
                array_filter($kept, static fn (Edge $e): bool => Edge::MUST === $e->from || $e->from === $wish->from),
            ),
            $wish->after,
            $wish->before,
        );
        if (null === $way) {
            return;
        }
        $musts = array_values(array_filter($way, static fn (Edge $e): bool => Edge::MUST === $e->from));
        $others = array_map(
            static fn (Edge $e): string => '"'.$e->words().'"',
            array_values(array_filter($way, static fn (Edge $e): bool => Edge::MUST !== $e->from)),
        );
        $must = end($musts);
        if (false === $must) {
            throw InvalidInput::at(
                $wish->field,
                Say::it('order.contradicts_another', $wish->words(), implode(', ', $others)),
            );
        }
        throw InvalidInput::at(
            $wish->field,
            Say::it(
                'order.contradicts_the_must',
                $wish->words(),
                $must->words(),
                [] === $others ? '' : Say::it('order.together_with', implode(', ', $others)),
                $must->why,
            ),
        );
    }

    /**
     * The shortest way from one to another.
     *
     * @param list<Edge> $edges
     *
     * @return list<Edge>|null
     */
    private static function way(array $edges, string $from, string $to): ?array
    {
        $queue = [[$from, []]];
        $seen = [$from => true];
        while ([] !== $queue) {
            [$at, $path] = array_shift($queue);
            foreach ($edges as $e) {
                if ($e->before === $at && !isset($seen[$e->after])) {
                    $seen[$e->after] = true;
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
