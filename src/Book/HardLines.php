<?php

/** Hard lines of a card: kept as pairs of zones, each pair once, whichever of the two was named first. */

declare(strict_types=1);

namespace KeenThistle\Book;

final class HardLines
{
    private function __construct()
    {
    }

    /** @return array{string, string} */
    public static function pair(string $one, string $other): array
    {
        return $one < $other ? [$one, $other] : [$other, $one];
    }

    public static function has(Dog $dog, string $one, string $other): bool
    {
        return \in_array(self::pair($one, $other), $dog->hardLines, true);
    }

    /** @return list<array{zone: string, other: string}> */
    public static function of(Dog $dog): array
    {
        return array_map(static fn (array $pair): array => ['zone' => $pair[0], 'other' => $pair[1]], $dog->hardLines);
    }
}
