<?php

/** A home at which the van calls, with those of its dogs that are booked. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Book\Household;
use KeenThistle\Core\Round\Stop;

final class HomeStop
{
    /** @var list<DogVisit> by the time told */
    public array $dogs = [];

    public function __construct(public readonly Household $home)
    {
    }

    public function add(DogVisit $dog): void
    {
        $this->dogs[] = $dog;
    }

    public function id(): string
    {
        return (string) $this->home->id;
    }

    public function told(): int
    {
        $told = array_map(static fn (DogVisit $d): int => $d->told, $this->dogs);

        return [] === $told ? 0 : min($told);
    }

    public function minutes(): int
    {
        return array_sum(array_map(static fn (DogVisit $d): int => $d->minutes, $this->dogs));
    }

    /** Of the van's own tank. */
    public function litres(): float
    {
        return $this->home->hasWater
            ? 0.0
            : array_sum(array_map(static fn (DogVisit $d): float => $d->litres, $this->dogs));
    }

    /** Of the van's own battery. */
    public function powerMinutes(): float
    {
        return $this->home->hasPower
            ? 0.0
            : array_sum(array_map(static fn (DogVisit $d): float => $d->powerMinutes, $this->dogs));
    }

    /** @return ''|'at_work'|'done' done once all of its dogs are */
    public function state(): string
    {
        $states = array_unique(array_map(static fn (DogVisit $d): string => $d->state, $this->dogs));

        return match (true) {
            ['done'] === array_values($states) => 'done',
            \in_array('at_work', $states, true), \in_array('done', $states, true) => 'at_work',
            default => '',
        };
    }

    /** Minutes of work that are left at a stop where some is done or under way. */
    public function left(): int
    {
        return array_sum(array_map(
            static fn (DogVisit $d): int => 'done' === $d->state ? 0 : $d->minutes,
            $this->dogs,
        ));
    }

    /** @return array{int, int} between which minutes it may begin, as its owner was told */
    public function window(VanDay $van): array
    {
        return [max(0, $this->told() - $van->early), min(1439, $this->told() + $van->late)];
    }

    /** @param bool $afresh whether no time had been told */
    public function stop(VanDay $van, bool $afresh): Stop
    {
        [$from, $to] = $afresh ? [$van->van->starts, $van->van->ends] : $this->window($van);

        return new Stop(
            $this->id(),
            $this->home->spot,
            $from,
            $to,
            max(1, $this->minutes()),
            $this->litres(),
            $this->powerMinutes(),
        );
    }
}
