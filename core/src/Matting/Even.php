<?php

/** Which zones one even length is offered for, and with which blade it is made. */

declare(strict_types=1);

namespace KeenThistle\Core\Matting;

use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Zone\Zone;

/** Face, ears, tail, feet and sanitary work are not evened unless somebody names them. */
final class Even
{
    private const GROUPS = ['neck', 'body', 'rear', 'front'];

    private function __construct()
    {
    }

    /**
     * @param list<string> $zones
     *
     * @return list<string>
     */
    public static function zones(array $zones): array
    {
        return array_values(
            array_filter(
                $zones,
                static fn (string $z): bool => \in_array(Zone::of($z)->group, self::GROUPS, true)
                    && !Zone::of($z)->tender,
            ),
        );
    }

    /** The full-tooth blade that leaves this, or the next shorter one. */
    public static function bladeFor(float $mm): string
    {
        $best = '10';
        $left = 0.0;
        foreach (BladeTable::labels() as $label) {
            $leaves = BladeTable::residual($label)->mm();
            if ('toe' !== $label && !BladeTable::isSkipTooth($label) && $leaves <= $mm + 1e-9 && $leaves > $left) {
                [$best, $left] = [$label, $leaves];
            }
        }

        return $best;
    }
}
