<?php

/** What is to be booked when a dog leaves: full groom, bath, tidy and claws, each with its reason. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;

final readonly class NextVisits
{
    /**
     * @param array{on: string, weeks: int, clock: string}|null $full clock: the one that binds
     * @param array{on: string, weeks: int, clock: string}|null $bath
     * @param array{on: string, weeks: int}|null $tidy
     * @param list<string> $clocks in the order they strike
     * @param string $claws the day they are due
     * @param string|null $dewclaws the day, where the dog has some
     *
     * @return list<array{kind: string, on: string, why: string}> soonest first
     */
    public function of(?array $full, ?array $bath, ?array $tidy, array $clocks, string $claws, ?string $dewclaws): array
    {
        $out = [];
        foreach (['full' => $full, 'bath' => $bath] as $kind => $visit) {
            if (null !== $visit) {
                $out[] = [
                    'kind' => $kind,
                    'on' => $visit['on'],
                    'why' => Say::it('care.weeks_the_clock', $visit['weeks'], $visit['clock']),
                ];
            }
        }
        if (null !== $tidy) {
            $hygiene = array_values(array_intersect($clocks, ['sanitary', 'pads', 'eyes']))[0] ?? 'hygiene';
            $out[] = [
                'kind' => 'tidy',
                'on' => $tidy['on'],
                'why' => Say::it('care.weeks_and_what_else_grows_first', $tidy['weeks'], $hygiene),
            ];
        }
        $led = null !== $dewclaws && $dewclaws <= $claws;
        $nails = $led ? $dewclaws : $claws;
        // Every other visit does the claws as well.
        if ([] === array_filter($out, static fn (array $v): bool => $v['on'] <= $nails)) {
            $out[] = [
                'kind' => 'nails',
                'on' => $nails,
                'why' => Say::it($led ? 'care.dewclaws_nothing_wears_them' : 'care.claws_as_they_wear'),
            ];
        }
        usort($out, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $out;
    }
}
