<?php

/** What was signed, or is about to be, as today's list takes it. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Matting\Even;
use KeenThistle\Core\Matting\UnderBlade;
use KeenThistle\Core\Today\Agreement as Agreed;

final class AgreedTerms
{
    private function __construct()
    {
    }

    /**
     * The newest word of the owner; before any, the way that is open on the screen, not signed.
     *
     * @param list<Agreement> $agreements oldest first
     * @param list<string> $card zones of the card
     */
    public static function of(Arrival $arrival, array $agreements, array $card): ?Agreed
    {
        $last = end($agreements);
        if (false === $last) {
            return self::open($arrival, $card);
        }
        if (!$last->agreed) {
            return new Agreed('none');
        }
        $terms = json_decode($last->terms, true);
        $terms = \is_array($terms) ? $terms : [];
        $zones = array_values(array_filter((array) ($terms['even_zones'] ?? []), \is_string(...)));
        $blade = \is_string($terms['even_blade'] ?? null) ? $terms['even_blade'] : null;

        return match ($terms['choice'] ?? '') {
            'even_out' => new Agreed(
                'even',
                [] === $zones ? Even::zones($card) : $zones,
                $blade ?? Even::bladeFor(is_numeric($terms['leaves_mm'] ?? null) ? (float) $terms['leaves_mm'] : 0.0),
                true,
                self::later($terms),
                covers: self::covers($terms),
            ),
            'save_the_coat' => new Agreed(
                'several_visits',
                signed: true,
                later: self::later($terms),
                covers: self::covers($terms),
            ),
            default => new Agreed(
                'patches',
                signed: true,
                covers: self::covers($terms),
                least: self::least($terms),
            ),
        };
    }

    /** @param list<string> $card */
    private static function open(Arrival $arrival, array $card): ?Agreed
    {
        return match ($arrival->choice) {
            'even_out' => new Agreed('even', Even::zones($card), Even::bladeFor(UnderBlade::CLEAR_MM)),
            default => null,
        };
    }

    /**
     * @param array<mixed> $terms
     *
     * @return list<string> zones whose mats were shown when it was signed
     */
    private static function covers(array $terms): array
    {
        $rows = array_filter((array) ($terms['zones'] ?? []), \is_array(...));
        if (self::wasAway($terms)) {
            // Shown as combed out is not agreed as clipped, however the salon reckons it.
            $rows = array_filter($rows, static fn (array $z): bool => null !== ($z['leaves_mm'] ?? null));
        }

        return array_values(array_filter(array_column($rows, 'zone'), \is_string(...)));
    }

    /**
     * @param array<mixed> $terms
     *
     * @return array<string, float> zone => mm that were shown, where no salon could be asked
     */
    private static function least(array $terms): array
    {
        $out = [];
        foreach (self::wasAway($terms) ? (array) ($terms['zones'] ?? []) : [] as $z) {
            if (\is_array($z) && \is_string($z['zone'] ?? null) && is_numeric($z['leaves_mm'] ?? null)) {
                $out[$z['zone']] = (float) $z['leaves_mm'];
            }
        }

        return $out;
    }

    /** @param array<mixed> $terms */
    private static function wasAway(array $terms): bool
    {
        return true === ($terms['away'] ?? null);
    }

    /**
     * @param array<mixed> $terms
     *
     * @return array<string, string> zone => day
     */
    private static function later(array $terms): array
    {
        $out = [];
        foreach ((array) ($terms['later'] ?? []) as $visit) {
            if (\is_array($visit) && \is_string($visit['on'] ?? null)) {
                foreach ((array) ($visit['zones'] ?? []) as $zone) {
                    if (\is_string($zone)) {
                        $out[$zone] = $visit['on'];
                    }
                }
            }
        }

        return $out;
    }
}
