<?php

/** Which dogs must not be in the salon at the same time, and who is there while it is loud. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

use KeenThistle\Core\Say\Say;

final readonly class CompanyRule
{
    /** Minutes between one that leaves and the other that comes: they meet at the door as well. */
    public const GAP = 10;

    /** Why two must not be there together; "": they may. Which of them is asked about makes no difference. */
    public function why(Guest $one, Guest $other): string
    {
        if ($one->from >= $other->to + self::GAP || $other->from >= $one->to + self::GAP || $one->id === $other->id) {
            return '';
        }
        // In one order, so that the same is said whoever is asked about.
        [$a, $b] = [$one->name, $one->id] <= [$other->name, $other->id] ? [$one, $other] : [$other, $one];
        if (\in_array($b->id, $a->apart, true) || \in_array($a->id, $b->apart, true)) {
            return Say::it('company.must_not_meet', $a->name, $b->name);
        }
        if ('' !== $a->home && $a->home === $b->home) {
            return '';
        }

        return match (true) {
            $a->inHeat && $b->entireMale => Say::it('company.in_heat', $a->name, $b->name),
            $b->inHeat && $a->entireMale => Say::it('company.in_heat', $b->name, $a->name),
            default => '',
        };
    }

    /**
     * @param array{int, int}|null $noise from and to, minutes from midnight, of the loud hours; null: there are none
     *
     * @return string why a dog should come at another hour; "": it may come
     */
    public function whyNoise(Guest $guest, ?array $noise): string
    {
        return $guest->quiet && null !== $noise && $guest->from < $noise[1] && $guest->to > $noise[0]
            ? Say::it('company.loud', $guest->name)
            : '';
    }

    /**
     * All that is wrong with who is there.
     *
     * @param list<Guest> $guests
     * @param array{int, int}|null $noise
     *
     * @return list<array{dogs: list<string>, why: string}> ids: two that must not meet, or one while it is loud
     */
    public function of(array $guests, ?array $noise): array
    {
        $out = [];
        foreach ($guests as $i => $one) {
            foreach (\array_slice($guests, $i + 1) as $other) {
                $out[] = ['dogs' => [$one->id, $other->id], 'why' => $this->why($one, $other)];
            }
            $out[] = ['dogs' => [$one->id], 'why' => $this->whyNoise($one, $noise)];
        }

        return array_values(array_filter($out, static fn (array $o): bool => '' !== $o['why']));
    }

    /**
     * When a dog cannot come, beside these.
     *
     * @param Guest $guest its own times say nothing
     * @param list<Guest> $others of that day
     * @param array{int, int}|null $noise
     *
     * @return list<array{int, int}> in minutes from midnight
     */
    public function shut(Guest $guest, array $others, ?array $noise): array
    {
        $out = [];
        foreach ($others as $o) {
            $beside = new Guest(
                $guest->id,
                $guest->name,
                $o->from,
                $o->to,
                $guest->home,
                $guest->apart,
                $guest->inHeat,
                $guest->entireMale,
                $guest->quiet,
            );
            if ('' !== $this->why($beside, $o)) {
                $out[] = [$o->from - self::GAP, $o->to + self::GAP];
            }
        }
        if ($guest->quiet && null !== $noise) {
            $out[] = $noise;
        }

        return $out;
    }
}
