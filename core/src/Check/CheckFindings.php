<?php

/** From the hands-on check to what changes today: which findings stop a place, and which the whole visit. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Today\Finding;
use KeenThistle\Core\Today\FindingKind;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;

final class CheckFindings
{
    private const EAR = ['smell', 'red', 'discharge', 'swollen'];

    private function __construct()
    {
    }

    /**
     * @param Fields $in as HandsOn::shape() has read it
     * @param array<string, string> $skin zone => what was seen at the skin there
     *
     * @return list<Finding>
     */
    public static function of(Fields $in, array $skin = []): array
    {
        $out = array_map(Finding::fromFields(...), $in->objects('found'));
        foreach ($skin as $zone => $what) {
            if ('sore' === $what) {
                $out[] = new Finding(FindingKind::Sore, Zone::of($zone));
            } elseif ('parasites' === $what) {
                $out[] = new Finding(FindingKind::Parasites, Zone::of($zone));
            }
        }
        if ('laboured' === $in->textOrNull('airway')) {
            $out[] = new Finding(FindingKind::LabouredBreathing);
        }
        $parasites = $in->textOrNull('parasites');
        $kind = match (true) {
            \in_array('ring_shaped', $in->texts('skin'), true) => FindingKind::Parasites,
            'lice' === $parasites, 'mites_suspected' === $parasites => FindingKind::Parasites,
            'fleas' === $parasites, 'flea_dirt' === $parasites => FindingKind::Fleas,
            'ticks' === $parasites => FindingKind::Ticks,
            default => null,
        };
        if (null !== $kind) {
            $out[] = new Finding($kind);
        }

        return [...$out, ...self::ofPlaces($in)];
    }

    /** @return list<Finding> */
    private static function ofPlaces(Fields $in): array
    {
        $out = [];
        foreach (['left', 'right'] as $side) {
            if ([] !== array_intersect($in->objectOrNull('ears')?->texts($side) ?? [], self::EAR)) {
                $out[] = new Finding(FindingKind::Ear, Zone::of("ear_inner_$side"));
            }
        }
        if ($in->bool('eye_red')) {
            $out[] = new Finding(FindingKind::RedEye);
        }
        $claws = $in->objectOrNull('claws');
        foreach (ZoneTable::FEET as $foot) {
            if (\in_array('torn', $claws?->texts($foot) ?? [], true)) {
                $out[] = new Finding(FindingKind::TornNail, Zone::of("toe_outline_$foot"));
            }
        }
        if ('clear' === $in->textOrNull('lameness')) {
            $out[] = new Finding(FindingKind::Lame);
        }

        return $out;
    }
}
