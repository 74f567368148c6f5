<?php

/** What is to be booked when a dog leaves: the full groom, the tidy and the claws, each with its reason. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;

final readonly class NextVisits
{
    /**
     * @param array{on: string, weeks: int, clock: string}|null $full clock: the one that binds
     * @param array{on: string, weeks: int}|null $tidy
     * @param list<string> $clocks in the order they strike
     * @param string $claws the day they are due
     * @param string|null $dewclaws the day, where the dog has some
     *
     * @return list<array{kind: string, on: string, why: string}> soonest first
     */
    public function of(?array $full, ?array $tidy, array $clocks, string $claws, ?string $dewclaws): array
    {
        $out = [];
        if (null !== $full) {
            $out[] = [
                'kind' => 'full',
                'on' => $full['on'],
                'why' => Say::it('care.weeks_the_clock', $full['weeks'], $full['clock']),
            ];
        }
        if (null !== $tidy) {
            $hygiene = array_values(array_intersect($clocks, ['sanitary', 'pads', 'eyes']))[0] ?? 'hygiene';
            $out[] = [
                'kind' => 'tidy',
                'on' => $tidy['on'],
                'why' => Say::it('care.weeks_and_what_else_grows_first', $tidy['weeks'], $hygiene),
            ];
        }
        $out[] = [
            'kind' => 'nails',
            'on' => $dewclaws ?? $claws,
            'why' => Say::it(null === $dewclaws ? 'care.claws_as_they_wear' : 'care.dewclaws_nothing_wears_them'),
        ];
        usort($out, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $out;
    }
}
