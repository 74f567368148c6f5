<?php

/** Reads a visit to be recorded. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\RecipeInput;
use KeenThistle\Visit\Visit;
use KeenThistle\Visit\VisitZone;

final class VisitInput
{
    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'day' => Shape::date()->required()->describe('the day of the visit'),
            'kind' => Shape::choice(Visit::KINDS, 'kind of visit')->default('full'),
            'place' => Shape::text(0, 36)->nullable()->describe('where; the person\'s own place by default'),
            'minutes' => Shape::integer(1, 1440)->nullable(),
            'arrival_load' => Shape::number(0, 100, 'matting load found on arrival')->nullable(),
            'tender_severity' => Shape::integer(0, 4)->default(0),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->nullable()->describe('what was really done at home'),
            'kg' => Shape::kilograms()->nullable(),
            'note' => Shape::text(0, 1000)->default(''),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'state' => Shape::choice(VisitZone::STATES, 'state')->default('done'),
                    'actual' => RecipeInput::shape()->nullable()->describe('what was really used; null: as planned'),
                    'why' => Shape::text(0, 200)->default('')->describe('why otherwise than planned, or deferred'),
                    'arrival_mm' => Shape::number(0.1, Length::MAX_MM, 'mm found on arrival')->nullable(),
                    'owner_cut' => Shape::boolean()->default(false),
                ]),
                0,
                100,
            )
                ->required()
                ->describe('the zones of the visit'),
        ]);
    }
}
