<?php

/** When each clock was last set back, read from the visits: only one that did the thing counts. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;

/**
 * What was done to zones is told by their states; claws, bath and dryer by what was left out of the visit.
 *
 * @phpstan-type Done array{zone: string, state: string, method: string|null}
 */
final class Resets
{
    private const DONE = ['done', 'partly'];

    private function __construct()
    {
    }

    /**
     * @param list<array{on: \DateTimeImmutable, kind: Service, zones: list<Done>, left_out: list<string>}> $visits
     *     oldest first; left_out: clocks that this visit did not set back although its kind does
     *
     * @return array<string, \DateTimeImmutable> by clock
     */
    public static function of(array $visits): array
    {
        $out = [];
        foreach ($visits as $visit) {
            foreach ($visit['kind']->resets() ?? Clock::ALL as $clock) {
                if (!\in_array($clock, $visit['left_out'], true) && self::wasDone($clock, $visit['zones'])) {
                    $out[$clock] = $visit['on'];
                }
            }
        }

        return $out;
    }

    /** @param list<Done> $zones */
    private static function wasDone(string $clock, array $zones): bool
    {
        $of = array_filter($zones, static fn (array $z): bool => self::belongs($clock, $z));
        $done = array_filter($of, static fn (array $z): bool => \in_array($z['state'], self::DONE, true));

        return match ($clock) {
            // A jacket is stripped where it was stripped; without a zone of that kind there is nothing to set back.
            'strip' => [] !== $done,
            default => [] === $of || [] !== $done,
        };
    }

    /** @param Done $z */
    private static function belongs(string $clock, array $z): bool
    {
        $zone = Zone::of($z['zone']);
        $method = null === $z['method'] ? null : Method::from($z['method']);

        return match ($clock) {
            'sanitary' => 'sanitary' === $zone->group,
            'pads' => 1 === preg_match('/^(pads|between_toes)_/', $zone->id),
            'eyes' => $zone->isAtTheEye(),
            'ears' => str_starts_with($zone->id, 'ear_inner_'),
            'shape' => !$zone->tender
                && !$zone->isAtTheEye()
                && !\in_array($zone->group, ['feet', 'sanitary'], true)
                && (null === $method || $method->makesAnOutline()),
            'strip' => Method::Strip === $method,
            default => false,
        };
    }
}
