<?php

/** What is to be booked when a dog leaves: the full groom, the tidy and the claws, each with its reason. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

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
                'why' => \sprintf('%d weeks: the %s clock', $full['weeks'], $full['clock']),
            ];
        }
        if (null !== $tidy) {
            $hygiene = array_values(array_intersect($clocks, ['sanitary', 'pads', 'eyes']))[0] ?? 'hygiene';
            $out[] = [
                'kind' => 'tidy',
                'on' => $tidy['on'],
                'why' => \sprintf('%d weeks: %s and what else grows first', $tidy['weeks'], $hygiene),
            ];
        }
        $out[] = [
            'kind' => 'nails',
            'on' => $dewclaws ?? $claws,
            'why' => null === $dewclaws ? 'claws as they wear' : 'dewclaws: nothing wears them',
        ];
        usort($out, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $out;
    }
}
