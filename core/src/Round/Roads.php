<?php

/** How long the van drives from place to place, by the time at which it leaves. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

/**
 * A table of minutes holds from its time until the next one begins: the school run, a bridge that is shut until noon.
 * Where it is faster to wait for the next one, the van waits: leaving later never brings it there sooner.
 */
final readonly class Roads
{
    /**
     * @param list<array{from: int, minutes: array<string, array<string, int|null>>}> $tables by their time, the first
     *     from midnight; null: no way
     */
    public function __construct(private array $tables)
    {
    }

    public function knows(string $place): bool
    {
        return isset($this->tables[0]['minutes'][$place]);
    }

    /**
     * The tables by the number of each place.
     *
     * @param list<string> $places
     *
     * @return list<array{int, list<list<int|null>>}> from when it holds, minutes by place and place; null: no way
     */
    public function between(array $places): array
    {
        return array_map(
            static fn (array $table): array => [
                $table['from'],
                array_map(
                    static fn (string $from): array => array_map(
                        static fn (string $to): ?int => $from === $to ? 0 : $table['minutes'][$from][$to] ?? null,
                        $places,
                    ),
                    $places,
                ),
            ],
            $this->tables,
        );
    }

    /** When the van is there that leaves at that moment, or waits until the roads are better; null: never that day. */
    public function there(string $from, string $to, int $leaves, Van $van): ?int
    {
        $way = [new Refill($to, false, false, 0)];

        return (new Chart(new Van($from, 0, 0, 0, 0, $way, pauses: $van->pauses), $this, []))->there(0, 1, $leaves);
    }
}
