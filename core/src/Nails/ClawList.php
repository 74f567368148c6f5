<?php

/** Every claw of a dog, with what the check found; claws nobody looked at are not seen yet. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Zone\ZoneTable;

final class ClawList
{
    private const TOES = 4;

    private function __construct()
    {
    }

    /**
     * @param array<string, list<string>> $found foot => states, outer claw first, a dewclaw last
     * @param int $dewclaws of the whole dog: front legs first, then hind legs, then seconds
     *
     * @return list<Claw>
     */
    public static function of(array $found, int $dewclaws): array
    {
        $out = [];
        foreach (ZoneTable::FEET as $i => $foot) {
            $dew = intdiv($dewclaws, 4) + ($i < $dewclaws % 4 ? 1 : 0);
            $states = $found[$foot] ?? [];
            for ($n = 1; $n <= max(self::TOES + $dew, \count($states)); ++$n) {
                $out[] = new Claw($foot, $n, $n > self::TOES, $states[$n - 1] ?? 'not_seen', false, 0.0);
            }
        }

        return $out;
    }
}
