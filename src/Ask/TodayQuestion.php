<?php

/** `bin/ask today`: what is really done on this visit. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Today\Agreement;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\Finding;
use KeenThistle\Core\Today\Refusal;
use KeenThistle\Core\Today\TodayRule;
use KeenThistle\Core\Today\Wanted;

final readonly class TodayQuestion implements Question
{
    public function name(): string
    {
        return 'today';
    }

    public function summary(): string
    {
        return 'What is really done on this visit, zone by zone: findings, mats, the agreement and handling before '.
            'the card, each with its reason.';
    }

    public function shape(): Shape
    {
        $wanted = Shape::list(Wanted::shape(), 0, 80);

        return Shape::object([
            'kg' => Shape::kilograms()->required(),
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'hand_stripped' => Shape::boolean()->default(false),
            'plan' => $wanted->default([])->describe('the card'),
            'comb' => Shape::list(Shape::object(Mat::fields()), 0, 80)->default([])->describe('what the comb found'),
            'findings' => Shape::list(Finding::shape(), 0, 80)->default([]),
            'agreement' => Agreement::shape()->nullable(),
            'refused' => Shape::list(Refusal::shape(), 0, 80)
                ->default([])
                ->describe('what handling says of a tool in a place'),
            'by_hand' => $wanted->default([])->describe('changed today'),
            'last' => $wanted->default([])->describe('kept as last time'),
            'done' => $wanted->default([])->describe('done already today: stays as it is'),
            'clip_ready' => Shape::boolean()->default(true)->describe('bone dry at armpits, groin and behind the ears'),
            'mats' => Shape::choice(['save', 'clip'], 'school')->default('save'),
            'experienced' => Shape::boolean()->default(false),
            'measurements' => Shape::list(Measurement::shape())->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $agreement = $in->objectOrNull('agreement');
        $facts = new Facts(
            $in->float('kg'),
            $in->enum('coat', CoatType::class),
            $in->enum('handling', Handling::class),
            self::wanted($in, 'plan', true),
            self::comb($in),
            array_map(Finding::fromFields(...), $in->objects('findings')),
            null === $agreement ? null : Agreement::fromFields($agreement),
            array_map(Refusal::fromFields(...), $in->objects('refused')),
            self::wanted($in, 'by_hand', false),
            self::wanted($in, 'last', false),
            self::wanted($in, 'done', false),
            $in->bool('clip_ready'),
            $in->bool('hand_stripped'),
            'clip' === $in->text('mats'),
            $in->bool('experienced'),
        );
        $lengths = new LengthRule(array_map(Measurement::fromFields(...), $in->objects('measurements')));

        return (new TodayRule($lengths))->of($facts)->toArray();
    }

    /** @return list<Mat> */
    private static function comb(Fields $in): array
    {
        $mats = [];
        foreach ($in->objects('comb') as $c) {
            $mat = Mat::fromFields($c);
            if (isset($mats[$mat->zone->id])) {
                throw InvalidInput::at($c->pathOf('zone'), "{$mat->zone->id} is there twice");
            }
            $mats[$mat->zone->id] = $mat;
        }

        return array_values($mats);
    }

    /** @return array<string, Wanted> by zone */
    private static function wanted(Fields $in, string $field, bool $planned): array
    {
        $out = [];
        foreach ($in->objects($field) as $w) {
            $zone = $w->text('zone');
            if (isset($out[$zone])) {
                throw InvalidInput::at($w->pathOf('zone'), "$zone is there twice");
            }
            $out[$zone] = Wanted::fromFields($w);
            $base = $out[$zone]->recipe->tool->base;
            if ($planned && null !== $base && !BladeTable::isGuardBase($base)) {
                (new LengthRule())->planned($out[$zone]->recipe, null, $w->pathOf('tool'));
            }
        }

        return $out;
    }
}
