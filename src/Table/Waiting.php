<?php

/** What of an open groom does not go on: it waits for the owner's word or a bone dry coat, or the owner said no. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Today\Row;

final class Waiting
{
    public const OWNER = 'owner';
    public const DRY = 'dry';
    public const REFUSED = 'refused';

    private function __construct()
    {
    }

    /** Whether the owner has said no to what the comb test says now. */
    public static function isRefused(Groom $groom): bool
    {
        $agreed = $groom->today['agreed'] ?? null;

        return \is_array($agreed)
            && false === ($agreed['agreed'] ?? null)
            && $groom->arrival->combVersion === ($agreed['comb_version'] ?? null);
    }

    /** @return array<string, string> zone => owner, dry or refused */
    public static function zones(Groom $groom): array
    {
        $view = $groom->today['view'] ?? null;
        $owner = self::isRefused($groom) ? self::REFUSED : self::OWNER;
        $out = [];
        foreach (\is_array($view) && \is_array($view['zones'] ?? null) ? $view['zones'] : [] as $row) {
            if (\is_array($row) && \is_string($row['zone'] ?? null)) {
                $for = match ($row['state'] ?? '') {
                    Row::WAITS => $owner,
                    Row::WAITS_FOR_DRY => self::DRY,
                    default => '',
                };
                if ('' !== $for) {
                    $out[$row['zone']] = $for;
                }
            }
        }

        return $out;
    }

    /**
     * What a step waits for; "" where something of it can be done now.
     *
     * @param list<string> $zones of the step
     * @param array<string, string> $waiting by zone
     */
    public static function step(array $zones, array $waiting, Board $board): string
    {
        $open = array_filter($zones, static fn (string $one): bool => self::isOpen($board, $one));
        $for = array_map(static fn (string $z): string => $waiting[$z] ?? '', array_values($open));

        return [] === $for || \in_array('', $for, true) ? '' : $for[0];
    }

    private static function isOpen(Board $board, string $zone): bool
    {
        return \in_array($board->zones[$zone]->state ?? 'planned', ['planned', 'partly'], true);
    }
}
