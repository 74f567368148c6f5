<?php

/** The roads of one day: how long between any two places at which hour, and by which places the shortest way leads. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Core\Round\Roads;

final readonly class RoadDay
{
    /**
     * @param list<array{from: int, minutes: array<string, array<string, int|null>>,
     *     by: array<string, array<string, string>>}> $tables by their time; by: the next place on the way
     */
    public function __construct(private array $tables)
    {
    }

    public function roads(): Roads
    {
        return new Roads(array_map(
            static fn (array $t): array => ['from' => $t['from'], 'minutes' => $t['minutes']],
            $this->tables,
        ));
    }

    /** @return list<string> places from the first to the last; of those two alone, where no road leads */
    public function path(string $from, string $to, int $leaves): array
    {
        $by = [];
        foreach ($this->tables as $n => $table) {
            if (0 === $n || $table['from'] <= $leaves) {
                $by = $table['by'];
            }
        }
        $path = [$from];
        for ($at = $from; $at !== $to; $path[] = $at) {
            $at = $by[$at][$to] ?? $to;
        }

        return $path;
    }
}
