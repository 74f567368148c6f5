<?php

/** What the hands-on check says of the hygiene clocks: bare pads, hair at the eye, nails on the floor, rear soil. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Interval\Seen;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\ZoneTable;

final class HygieneSeen
{
    /** Bare pads of five: from here on nothing is due, below it is overdue. */
    private const BARE = 4.0;
    private const COVERED = 2.5;

    private function __construct()
    {
    }

    /** @return array<string, Seen> by clock; what nobody looked at is not in it */
    public static function of(Fields $in): array
    {
        $out = [];
        $pads = $in->objectOrNull('pads');
        $bare = array_filter(
            array_map(static fn (string $foot): ?int => $pads?->intOrNull($foot), ZoneTable::FEET),
            static fn (?int $n): bool => null !== $n,
        );
        if ([] !== $bare) {
            $mean = array_sum($bare) / \count($bare);
            $out['pads'] = match (true) {
                $mean >= self::BARE => Seen::NotYet,
                $mean >= self::COVERED => Seen::Just,
                default => Seen::Overdue,
            };
        }
        foreach (['eyes' => 'hair_at_eye', 'nails' => 'nails_on_floor'] as $clock => $field) {
            $there = $in->boolOrNull($field);
            if (null !== $there) {
                $out[$clock] = $there ? Seen::Overdue : Seen::NotYet;
            }
        }
        $soil = $in->textOrNull('rear_soil');
        if (null !== $soil) {
            $out['sanitary'] = match ($soil) {
                'none' => Seen::NotYet,
                'light' => Seen::Just,
                default => Seen::Overdue,
            };
        }

        return $out;
    }

    /** The shape at the rear that keeps it clean, suggested from where it soils; null where nothing is to change. */
    public static function rear(Fields $in): ?string
    {
        if (!\in_array($in->textOrNull('rear_soil'), ['light', 'stuck', 'heavy'], true)) {
            return null;
        }

        return match ($in->textOrNull('rear_where')) {
            'downward' => Say::it('check.rear_ring_and_strip'),
            'tail' => Say::it('check.rear_ring_strip_and_arc'),
            default => Say::it('check.rear_ring'),
        };
    }
}
