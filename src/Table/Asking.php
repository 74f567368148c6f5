<?php

/** What the owner is asked where today's list goes past what was agreed: in the owner's words, ready to send. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Today\Row;
use KeenThistle\Core\Zone\Zone;

final class Asking
{
    private function __construct()
    {
    }

    /** Null where nothing waits. */
    public static function draft(Groom $groom): ?string
    {
        $zones = $left = [];
        foreach (self::rows($groom) as $row) {
            if (Row::WAITS === ($row['state'] ?? '') && \is_string($row['zone'] ?? null)) {
                $zones[] = $row['zone'];
                $mm = $row['finished_mm'] ?? null;
                if (is_numeric($mm)) {
                    $left[] = (float) $mm;
                }
            }
        }
        if ([] === $zones) {
            return null;
        }

        return mb_substr(
            \sprintf(
                '%s at %s: we found more mats than we could agree with you before. To take them off we would have to '.
                    'clip short%s: %s. The skin below may be red or sore. May we? Until you answer we leave it and '.
                    'go on with the rest.',
                $groom->dog->name,
                $groom->salon->name,
                [] === $left ? '' : \sprintf(' (about %s mm left)', min($left)),
                self::places($zones),
            ),
            0,
            1000,
        );
    }

    /** @return array{text: string, asked_at: string|null, who: string|null}|null null: nothing waits */
    public static function view(Groom $groom): ?array
    {
        $draft = null === $groom->closedAt && !Waiting::isRefused($groom) ? self::draft($groom) : null;
        if (null === $draft) {
            return null;
        }
        $asked = $groom->today['asked'] ?? null;
        $at = \is_array($asked) && \is_string($asked['at'] ?? null) ? $asked['at'] : null;
        $who = \is_array($asked) && \is_string($asked['who'] ?? null) ? $asked['who'] : null;

        return ['text' => $draft, 'asked_at' => $at, 'who' => $who];
    }

    /**
     * As an owner says it: both sides together.
     *
     * @param list<string> $zones
     */
    private static function places(array $zones): string
    {
        $out = [];
        foreach ($zones as $zone) {
            $twin = str_ends_with($zone, '_left')
                ? substr($zone, 0, -5).'_right'
                : (str_ends_with($zone, '_right')
                    ? substr($zone, 0, -6).'_left'
                    : '');
            if (!\in_array($twin, $zones, true)) {
                $out[] = Zone::of($zone)->label;
            } elseif (str_ends_with($zone, '_left')) {
                $out[] = preg_replace('/^left (.*)$/', '$1 on both sides', Zone::of($zone)->label) ?? $zone;
            }
        }

        return implode(', ', $out);
    }

    /** @return list<array<mixed>> */
    private static function rows(Groom $groom): array
    {
        $view = $groom->today['view'] ?? null;
        $rows = \is_array($view) && \is_array($view['zones'] ?? null) ? $view['zones'] : [];

        return array_values(array_filter($rows, \is_array(...)));
    }
}
