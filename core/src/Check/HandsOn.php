<?php

/** The hands-on check of the first minute: what a hand and an eye can find, in closed lists. */

declare(strict_types=1);

namespace KeenThistle\Core\Check;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Today\Finding;
use KeenThistle\Core\Zone\ZoneTable;

final class HandsOn
{
    public const CLAWS = ['fine', 'long', 'quick_near', 'cracked', 'torn', 'missing', 'not_seen'];
    public const EARS = ['clean', 'wax', 'smell', 'red', 'discharge', 'swollen'];
    public const TEETH = ['clean', 'tartar', 'red_gums', 'loose', 'broken', 'not_looked'];
    public const SKIN = ['clear', 'dry', 'red', 'hot_spot', 'scabs', 'wound', 'ring_shaped'];
    public const PARASITES = ['none', 'flea_dirt', 'fleas', 'ticks', 'lice', 'mites_suspected'];
    public const LAMENESS = ['none', 'stiff', 'slight', 'clear'];
    public const AIRWAY = ['quiet', 'snores', 'noisy', 'laboured'];
    public const REAR_SOIL = ['none', 'light', 'stuck', 'heavy'];
    public const REAR_WHERE = ['ring', 'downward', 'tail'];
    public const VACCINATION = ['not_asked', 'seen', 'expired', 'not_shown'];
    /** Where the coat is measured on arrival; growth is learned from these. */
    public const REFERENCE = ['back', 'foreleg_left', 'skull'];
    /** Claws a foot can have, its dewclaw included. */
    private const CLAWS_A_FOOT = 6;

    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        $feet = static fn (Shape $each): Shape => Shape::object(array_fill_keys(ZoneTable::FEET, $each));
        $sides = static fn (Shape $each): Shape => Shape::object(['left' => $each, 'right' => $each]);

        return Shape::object([
            'kg' => Shape::kilograms()->nullable(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->nullable(),
            'lengths' => Shape::object(
                array_fill_keys(self::REFERENCE, Shape::number(0, Length::MAX_MM, 'mm found on arrival')->nullable()),
            )->nullable(),
            'owner_cut' => Shape::boolean()->default(false)->describe('the owner has cut since last time'),
            'owner_cut_where' => Shape::line(0, 120)->default(''),
            'bath_days' => Shape::integer(0, 800)->nullable()->describe('days since the last bath'),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->nullable()->describe('what was really done at home'),
            'pads' => $feet(Shape::integer(0, 5)->nullable()->describe('bare pads of five'))->nullable(),
            'claws' => $feet(
                Shape::list(Shape::choice(self::CLAWS, 'state of a claw'), 0, self::CLAWS_A_FOOT)->default([]),
            )
                ->nullable()
                ->describe('outer claw first; a dewclaw last'),
            'ears' => $sides(Shape::list(Shape::choice(self::EARS, 'finding'), 0, 6)->default([]))->nullable(),
            'eye_stain' => $sides(Shape::integer(0, 3)->nullable()->describe('0 none to 3 dark and wet'))->nullable(),
            'eye_red' => Shape::boolean()->default(false),
            'hair_at_eye' => Shape::boolean()->nullable()->describe('hair touches the eye; left out: not looked at'),
            'nails_on_floor' => Shape::boolean()->nullable()->describe('heard or seen on the floor, standing'),
            'rear_soil' => Shape::choice(self::REAR_SOIL, 'soil at the rear')->nullable(),
            'rear_where' => Shape::choice(self::REAR_WHERE, 'where it soils')
                ->nullable()
                ->describe('round the ring, down between the thighs, up under the tail'),
            'teeth' => Shape::choice(self::TEETH, 'finding')->nullable(),
            'skin' => Shape::list(Shape::choice(self::SKIN, 'finding'), 0, 7)->default([]),
            'lumps' => Shape::line(0, 200)->default('')->describe('where and how large'),
            'found' => Shape::list(Finding::shape(), 0, 40)
                ->default([])
                ->describe('what stops a place, by zone: sore, swelling, hot skin, a fresh operation'),
            'parasites' => Shape::choice(self::PARASITES, 'finding')->nullable(),
            'lameness' => Shape::choice(self::LAMENESS, 'finding')->nullable(),
            'airway' => Shape::choice(self::AIRWAY, 'finding')->nullable(),
            'vaccination' => Shape::choice(self::VACCINATION, 'answer')
                ->default('not_asked')
                ->describe('proof as the salon\'s own rule asks for it'),
            'note' => Shape::text(0, 500)->default(''),
        ]);
    }
}
