<?php

/** What of an open groom cannot go on yet: a zone that waits for the owner's word, or for a bone dry coat. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Today\Row;

final class Waiting
{
    public const OWNER = 'owner';
    public const DRY = 'dry';

    private function __construct()
    {
    }

    /** @return array<string, string> zone => owner or dry */
    public static function zones(Groom $groom): array
    {
        $view = $groom->today['view'] ?? null;
        $out = [];
        foreach (\is_array($view) && \is_array($view['zones'] ?? null) ? $view['zones'] : [] as $row) {
            if (\is_array($row) && \is_string($row['zone'] ?? null)) {
                $for = match ($row['state'] ?? '') {
                    Row::WAITS => self::OWNER,
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
