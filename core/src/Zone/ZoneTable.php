<?php

/** The closed list of zones with their area shares, and which zones meet. */

declare(strict_types=1);

namespace KeenThistle\Core\Zone;

use KeenThistle\Core\Say\Say;

/**
 * Shares are per cent of the body surface in hundredths (they sum to 10 000). Sided zones are named once here with a
 * "*" and stand for _left and _right; "#" stands for the four feet.
 */
final class ZoneTable
{
    /** How many zones a dog has. */
    public const COUNT = 66;
    public const FEET = ['front_left', 'front_right', 'hind_left', 'hind_right'];

    /** name => [share of one side or foot, tender, group] */
    private const ROWS = [
        'skull' => [200, false, 'head'],
        'fringe' => [50, false, 'head'],
        'brow' => [30, false, 'head'],
        'inner_eye_*' => [10, true, 'head'],
        'stop' => [20, false, 'head'],
        'cheek_*' => [60, true, 'head'],
        'muzzle' => [100, true, 'head'],
        'lips' => [20, true, 'head'],
        'beard' => [60, false, 'head'],
        'ear_outer_*' => [120, true, 'head'],
        'ear_inner_*' => [70, true, 'head'],
        'ear_feather_*' => [50, true, 'head'],
        'nape' => [250, false, 'neck'],
        'throat' => [250, false, 'neck'],
        'neck_sides' => [300, false, 'neck'],
        'shoulder_*' => [400, false, 'body'],
        'back' => [900, false, 'body'],
        'ribs_*' => [700, false, 'body'],
        'loin' => [400, false, 'body'],
        'chest' => [500, false, 'body'],
        'belly' => [500, true, 'body'],
        'rump' => [400, false, 'rear'],
        'thigh_*' => [400, false, 'rear'],
        'breeches_*' => [100, false, 'rear'],
        'inner_thigh_*' => [150, true, 'rear'],
        'hock_*' => [75, false, 'rear'],
        'foreleg_*' => [300, false, 'front'],
        'front_feather_*' => [50, false, 'front'],
        'armpit_*' => [75, true, 'front'],
        'elbow_*' => [25, false, 'front'],
        'pads_#' => [15, true, 'feet'],
        'between_toes_#' => [15, true, 'feet'],
        'toe_outline_#' => [30, false, 'feet'],
        'belly_patch' => [60, true, 'sanitary'],
        'groin' => [80, true, 'sanitary'],
        'sheath_or_vulva' => [20, true, 'sanitary'],
        'under_tail_ring' => [40, true, 'sanitary'],
        'channel' => [40, true, 'sanitary'],
        'tail_root_arc' => [30, false, 'sanitary'],
        'tail_root' => [100, false, 'tail'],
        'tail_flag' => [200, false, 'tail'],
        'tail_tip' => [40, false, 'tail'],
    ];

    /** Pairs that meet on the dog; "*" pairs keep their side, a front foot meets the foreleg, a hind foot the hock. */
    private const MEETINGS = [
        ['skull', 'fringe'],
        ['skull', 'nape'],
        ['skull', 'cheek_*'],
        ['skull', 'ear_outer_*'],
        ['skull', 'brow'],
        ['fringe', 'brow'],
        ['brow', 'inner_eye_*'],
        ['brow', 'stop'],
        ['fringe', 'stop'],
        ['stop', 'inner_eye_*'],
        ['stop', 'muzzle'],
        ['cheek_*', 'muzzle'],
        ['cheek_*', 'throat'],
        ['cheek_*', 'ear_outer_*'],
        ['cheek_*', 'neck_sides'],
        ['cheek_*', 'inner_eye_*'],
        ['muzzle', 'lips'],
        ['muzzle', 'beard'],
        ['lips', 'beard'],
        ['beard', 'throat'],
        ['ear_outer_*', 'ear_feather_*'],
        ['ear_outer_*', 'ear_inner_*'],
        ['ear_inner_*', 'ear_feather_*'],
        ['nape', 'neck_sides'],
        ['nape', 'back'],
        ['neck_sides', 'throat'],
        ['neck_sides', 'shoulder_*'],
        ['throat', 'chest'],
        ['shoulder_*', 'back'],
        ['shoulder_*', 'ribs_*'],
        ['shoulder_*', 'chest'],
        ['shoulder_*', 'foreleg_*'],
        ['back', 'ribs_*'],
        ['back', 'loin'],
        ['ribs_*', 'loin'],
        ['ribs_*', 'belly'],
        ['chest', 'foreleg_*'],
        ['chest', 'belly'],
        ['chest', 'armpit_*'],
        ['loin', 'rump'],
        ['loin', 'thigh_*'],
        ['belly', 'belly_patch'],
        ['belly', 'groin'],
        ['belly', 'armpit_*'],
        ['belly', 'inner_thigh_*'],
        ['belly_patch', 'sheath_or_vulva'],
        ['groin', 'inner_thigh_*'],
        ['groin', 'sheath_or_vulva'],
        ['rump', 'thigh_*'],
        ['rump', 'tail_root'],
        ['rump', 'tail_root_arc'],
        ['thigh_*', 'breeches_*'],
        ['thigh_*', 'hock_*'],
        ['thigh_*', 'inner_thigh_*'],
        ['breeches_*', 'hock_*'],
        ['breeches_*', 'channel'],
        ['breeches_*', 'inner_thigh_*'],
        ['rump', 'breeches_*'],
        ['under_tail_ring', 'channel'],
        ['under_tail_ring', 'tail_root_arc'],
        ['channel', 'inner_thigh_*'],
        ['tail_root_arc', 'tail_root'],
        ['tail_root', 'tail_flag'],
        ['tail_flag', 'tail_tip'],
        ['foreleg_*', 'elbow_*'],
        ['foreleg_*', 'front_feather_*'],
        ['foreleg_*', 'armpit_*'],
        ['elbow_*', 'armpit_*'],
        ['elbow_*', 'ribs_*'],
        ['elbow_*', 'front_feather_*'],
        ['foreleg_*', 'toe_outline_front_*'],
        ['hock_*', 'toe_outline_hind_*'],
        ['toe_outline_#', 'between_toes_#'],
        ['between_toes_#', 'pads_#'],
    ];

    /** Where a skip-tooth blade nicks: folds, tendons, ear leather. */
    private const THIN_SKINNED = [
        'armpit_',
        'groin',
        'inner_thigh_',
        'ear_',
        'hock_',
        'belly',
        'sheath_or_vulva',
        'under_tail_ring',
        'channel',
        'lips',
        'inner_eye_',
    ];

    private const FACE = ['fringe', 'brow', 'inner_eye_left', 'inner_eye_right', 'muzzle', 'beard'];

    /** @var array<string, array<string, Zone>> by language, as a zone has its label in it */
    private static array $zones = [];

    /** @var array<string, list<string>>|null */
    private static ?array $meetings = null;

    private function __construct()
    {
    }

    /** @return array<string, Zone> every zone by id, in the order a groomer reads a dog: head to tail */
    public static function all(): array
    {
        $language = Say::language();
        if (isset(self::$zones[$language])) {
            return self::$zones[$language];
        }
        $zones = [];
        foreach (self::ROWS as $name => [$share, $tender, $group]) {
            $label = Say::it('zone.'.strtr($name, ['_*' => '', '_#' => '']));
            foreach (self::expand($name) as [$id, $side]) {
                $thin =
                    [] !==
                    array_filter(self::THIN_SKINNED, static fn (string $start): bool => str_starts_with($id, $start));
                $zones[$id] = new Zone(
                    $id,
                    $share,
                    $tender,
                    $thin,
                    \in_array($id, self::FACE, true),
                    $group,
                    '' === $side
                        ? $label
                        : Say::it('zone.on_a_side', $label, Say::it('side.'.str_replace(' ', '_', $side))),
                    $side,
                );
            }
        }

        return self::$zones[$language] = $zones;
    }

    /** @return list<string> */
    public static function ids(): array
    {
        return array_keys(self::all());
    }

    /** @return list<string> ids of the zones that meet this one */
    public static function meeting(string $id): array
    {
        if (null === self::$meetings) {
            $meetings = [];
            foreach (self::MEETINGS as [$a, $b]) {
                foreach (self::pairs($a, $b) as [$one, $other]) {
                    $meetings[$one][] = $other;
                    $meetings[$other][] = $one;
                }
            }
            self::$meetings = $meetings;
        }

        return self::$meetings[$id] ?? [];
    }

    /** @return list<array{string, string}> id and side in words */
    private static function expand(string $name): array
    {
        if (str_contains($name, '*')) {
            return array_map(static fn (string $side): array => [str_replace('*', $side, $name), $side], [
                'left',
                'right',
            ]);
        }
        if (str_contains($name, '#')) {
            return array_map(
                static fn (string $foot): array => [str_replace('#', $foot, $name), str_replace('_', ' ', $foot)],
                self::FEET,
            );
        }

        return [[$name, '']];
    }

    /** @return list<array{string, string}> */
    private static function pairs(string $a, string $b): array
    {
        foreach (['*' => ['left', 'right'], '#' => self::FEET] as $mark => $sides) {
            if (str_contains($a.$b, $mark)) {
                return array_map(
                    static fn (string $s): array => [str_replace($mark, $s, $a), str_replace($mark, $s, $b)],
                    $sides,
                );
            }
        }

        return [[$a, $b]];
    }
}
