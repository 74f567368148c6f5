<?php

/** Knows the roads: places, ways, how long each takes at which hour. What ships is a stand-in for a real service. */

declare(strict_types=1);

namespace KeenThistle\Round;

interface RoadTimes
{
    /** @return array<string, Spot> by id */
    public function spots(): array;

    /** @return array<string, Way> by id */
    public function ways(): array;

    /** @return list<array{int, int}> x and y along the river, for the map */
    public function river(): array;

    /**
     * The roads of one day.
     *
     * @param list<array{way: string, from: int, to: int}> $shut ways that are shut, minutes from midnight
     */
    public function on(array $shut): RoadDay;
}
