<?php

/** Reads a dog's form: every field with its bounds, so that each error stands at its field. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Interval\Ground;

final class DogInput
{
    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'name' => Shape::line(1, 60)->required()->describe('the dog\'s name'),
            'breed' => Shape::line(1, 80)->required()->describe('breed or cross, as the owner says it'),
            'sex' => Shape::choice(Dog::SEXES, 'sex')->default('female'),
            'born_on' => Shape::date()->nullable(),
            'born_estimated' => Shape::boolean()->default(false),
            'kg' => Shape::kilograms()->nullable(),
            'build' => Shape::choice(Dog::BUILDS, 'build')->default('square'),
            'muzzle' => Shape::choice(Dog::MUZZLES, 'muzzle')->default('medium'),
            'ear_type' => Shape::choice(Dog::EAR_TYPES, 'ear type')->default('drop'),
            'ear_set' => Shape::choice(Dog::EAR_SETS, 'ear set')->default('level'),
            'tail_type' => Shape::choice(Dog::TAIL_TYPES, 'tail type')->default('long'),
            'tail_carriage' => Shape::choice(Dog::CARRIAGES, 'tail carriage')->default('up'),
            'coat' => Shape::enum(CoatType::class, 'coat')->required()->describe('coat type'),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'density' => Shape::choice(Dog::DENSITIES, 'density')->default('medium'),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->default('weekly'),
            'finish' => Shape::enum(Finish::class, 'finish')->default('neat'),
            'ground' => Shape::enum(Ground::class, 'ground')->default('mixed'),
            'hard_floor' => Shape::boolean()->default(false),
            'dewclaws' => Shape::integer(0, 8)->default(2),
            'hand_stripped' => Shape::boolean()->default(false),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'handling_note' => Shape::text(0, 1000)->default(''),
            'health' => Shape::list(Shape::choice(Dog::HEALTH, 'health flag'), 0, 10)->default([]),
            'health_note' => Shape::text(0, 1000)->default(''),
            'vet' => Shape::line(0, 120)->default(''),
            'emergency' => Shape::line(0, 120)->default(''),
            'may_collect' => Shape::line(0, 200)->default(''),
            'photo_consent' => Shape::boolean()->default(false),
            'state' => Shape::choice(Dog::STATES, 'state')->default('active'),
            'wish_weeks' => Shape::integer(1, 52)->nullable(),
            'household' => Shape::text(36, 36)->nullable()->describe('id of a household that is in the book already'),
            'owner' => Shape::object([
                'name' => Shape::line(1, 80)->required()->describe('the owner\'s name'),
                'phone' => Shape::line(3, 40)->required()->describe('a phone number'),
                'email' => Shape::line(0, 120)->default(''),
            ])->nullable(),
        ]);
    }

    /** @throws InvalidInput for a birth date in the future */
    public static function apply(Fields $in, Dog $dog, \DateTimeImmutable $today): void
    {
        $born = $in->dateOrNull('born_on');
        if (null !== $born && $born->format('Y-m-d') > $today->format('Y-m-d')) {
            throw InvalidInput::at('born_on', 'must not be in the future');
        }
        $dog->name = trim($in->text('name'));
        $dog->breed = trim($in->text('breed'));
        $dog->sex = $in->text('sex');
        $dog->bornOn = $born;
        $dog->bornEstimated = $in->bool('born_estimated');
        $dog->kg = $in->floatOrNull('kg');
        $dog->build = $in->text('build');
        $dog->muzzle = $in->text('muzzle');
        $dog->earType = $in->text('ear_type');
        $dog->earSet = $in->text('ear_set');
        $dog->tailType = $in->text('tail_type');
        $dog->tailCarriage = $in->text('tail_carriage');
        $dog->coat = $in->enum('coat', CoatType::class);
        $dog->stage = $in->enum('stage', CoatStage::class);
        $dog->density = $in->text('density');
        $dog->upkeep = $in->enum('upkeep', Upkeep::class);
        $dog->finish = $in->enum('finish', Finish::class);
        $dog->ground = $in->enum('ground', Ground::class);
        $dog->hardFloor = $in->bool('hard_floor');
        $dog->dewclaws = $in->int('dewclaws');
        $dog->handStripped = $in->bool('hand_stripped');
        $dog->handling = $in->enum('handling', Handling::class);
        $dog->handlingNote = trim($in->text('handling_note'));
        $dog->health = array_values(array_unique($in->texts('health')));
        $dog->healthNote = trim($in->text('health_note'));
        $dog->vet = trim($in->text('vet'));
        $dog->emergency = trim($in->text('emergency'));
        $dog->mayCollect = trim($in->text('may_collect'));
        $dog->photoConsent = $in->bool('photo_consent');
        $dog->state = $in->text('state');
        $dog->wishWeeks = $in->intOrNull('wish_weeks');
    }
}
