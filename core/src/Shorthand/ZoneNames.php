<?php

/** Zones as the shorthand writes them: a name stands for both sides or all four feet, ".l" or ".fl" for one of them. */

declare(strict_types=1);

namespace KeenThistle\Core\Shorthand;

use KeenThistle\Core\Zone\ZoneTable;

final class ZoneNames
{
    /** Words for parts of a dog that are several zones: which they stand for is said, not guessed. */
    public const GROUPS = [
        'ears' => ['ear_outer', 'ear_inner', 'ear_feather'],
        'ear' => ['ear_outer', 'ear_inner', 'ear_feather'],
        'legs' => ['foreleg', 'front_feather', 'thigh', 'hock'],
        'leg' => ['foreleg', 'front_feather', 'thigh', 'hock'],
        'feet' => ['pads', 'between_toes', 'toe_outline'],
        'foot' => ['pads', 'between_toes', 'toe_outline'],
        'paws' => ['pads', 'between_toes', 'toe_outline'],
        'face' => ['fringe', 'brow', 'inner_eye', 'stop', 'cheek', 'muzzle', 'lips', 'beard'],
        'head' => ['skull', 'fringe', 'brow', 'cheek', 'muzzle', 'beard'],
        'body' => ['shoulder', 'back', 'ribs', 'loin', 'chest', 'belly'],
        'neck' => ['nape', 'throat', 'neck_sides'],
        'tail' => ['tail_root', 'tail_flag', 'tail_tip'],
        'rear' => ['rump', 'thigh', 'breeches', 'tail_root_arc'],
        'sanitary' => ['belly_patch', 'groin', 'sheath_or_vulva', 'under_tail_ring', 'channel'],
    ];

    private const SIDES = [
        'left' => 'l',
        'right' => 'r',
        'front_left' => 'fl',
        'front_right' => 'fr',
        'hind_left' => 'hl',
        'hind_right' => 'hr',
    ];

    /** @var array<string, list<string>>|null written name => zones */
    private static ?array $zones = null;
    /** @var array<string, array{string, string}> zone => [name, side] */
    private static array $names = [];
    /** @var array<string, int> zone => place in the order of the body */
    private static array $order = [];

    private function __construct()
    {
    }

    /** @return list<string>|null zones that a written name stands for */
    public static function zones(string $written): ?array
    {
        return (self::$zones ?? self::load())[$written] ?? null;
    }

    /** @return list<string> */
    public static function all(): array
    {
        return array_map(strval(...), array_keys(self::$zones ?? self::load()));
    }

    /** @return array<string, int> */
    public static function order(): array
    {
        self::$zones ?? self::load();

        return self::$order;
    }

    /**
     * The shortest writing of some zones.
     *
     * @param list<string> $zones
     *
     * @return list<string>
     */
    public static function write(array $zones): array
    {
        $all = self::$zones ?? self::load();
        $given = array_fill_keys($zones, true);
        $out = [];
        foreach ($zones as $zone) {
            if (!isset($given[$zone])) {
                continue;
            }
            [$name, $side] = self::$names[$zone];
            $whole = $all[$name];
            if ([] === array_diff($whole, array_keys($given))) {
                $out[] = $name;
                foreach ($whole as $one) {
                    unset($given[$one]);
                }
            } else {
                $out[] = "$name.$side";
                unset($given[$zone]);
            }
        }

        return $out;
    }

    /** @return array<string, list<string>> */
    private static function load(): array
    {
        $zones = [];
        foreach (ZoneTable::all() as $id => $zone) {
            $side = str_replace(' ', '_', $zone->side);
            $short = self::SIDES[$side] ?? '';
            $name = '' === $short ? $id : substr($id, 0, -\strlen($side) - 1);
            $zones[$name][] = $id;
            if ('' !== $short) {
                $zones["$name.$short"] = [$id];
            }
            self::$names[$id] = [$name, $short];
            self::$order[$id] = \count(self::$order);
        }

        return self::$zones = $zones;
    }
}
