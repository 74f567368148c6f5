<?php

/** `bin/ask interval`: when the dog should be back. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Season;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Growth\Observation;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Interval\Clock;
use KeenThistle\Core\Interval\Facts;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Interval\IntervalRule;
use KeenThistle\Core\Interval\PastVisit;
use KeenThistle\Core\Interval\Seen;
use KeenThistle\Core\Interval\ZoneLeft;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;

final readonly class IntervalQuestion implements Question
{
    public function name(): string
    {
        return 'interval';
    }

    public function summary(): string
    {
        return 'When the dog should be back: every clock with its reasons, '.
            'and what an owner\'s own wish would look like.';
    }

    public function shape(): Shape
    {
        return Shape::object(self::facts() + ['wish_weeks' => Shape::integer(1, 52)->describe('an owner\'s own wish')]);
    }

    /** @return array<string, Shape> what is asked of a dog; read by of() */
    public static function facts(): array
    {
        $found = Shape::object(
            array_fill_keys(Clock::HYGIENE, Shape::number(0, 260, 'weeks at which it was found due')),
        );
        $finding = Shape::object(['zone' => Zone::shape()->required(), 'severity' => Shape::integer(0, 4)->required()]);

        return [
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->default('weekly'),
            'finish' => Shape::enum(Finish::class, 'finish')->default('neat'),
            'zones' => Shape::list(
                Shape::object([
                    'zone' => Zone::shape()->required(),
                    'finished_mm' => Shape::number(0, Length::MAX_MM, 'mm')->nullable(),
                    'method' => Shape::enum(Method::class, 'method')->default('clip'),
                    'forced_by_mat' => Shape::boolean()->default(false),
                ]),
                1,
                100,
            )
                ->required()
                ->describe('the zones as the last groom left them; one may stand for the whole body'),
            'history' => Shape::list(
                Shape::object([
                    'weeks' => Shape::number(0, 260, 'weeks since the groom before')->required(),
                    'load' => Shape::number(0, 100, 'load found on arrival'),
                    'upkeep' => Shape::enum(Upkeep::class, 'upkeep'),
                    'finished_mm' => Shape::number(0, Length::MAX_MM, 'body mean the groom before had left, mm'),
                    'findings' => Shape::list($finding, 0, 100)->default([]),
                    'seen' => Shape::object(array_fill_keys(Clock::HYGIENE, Shape::enum(Seen::class, 'what was seen')))
                        ->nullable()
                        ->describe('what an eye saw of a clock set back at the visit before: {"pads":"overdue"}'),
                    'found' => $found->describe('hygiene clocks found early or late: {"pads":3.5}'),
                ]),
                0,
                500,
            )
                ->default([])
                ->describe('earlier arrivals, oldest first'),
            'observations' => Shape::list(Observation::shape(), 0, 500)
                ->default([])
                ->describe('what growth is learned from'),
            'month' => Shape::integer(1, 12),
            'from' => Shape::date()->describe('day of the last groom: growth follows the season week by week'),
            'hemisphere' => Shape::enum(Season::class, 'hemisphere')->default('north'),
            'ground' => Shape::enum(Ground::class, 'ground')->default('mixed'),
            'hard_floor' => Shape::boolean()->default(false),
            'dewclaws' => Shape::integer(0, 8)->default(0),
            'face_hair' => Shape::boolean()->describe(
                'hair grows toward the eyes; told from coat and zones where not given',
            ),
            'hand_stripped' => Shape::boolean()->default(false),
            'next_instalment_weeks' => Shape::number(0, 52, 'weeks', true),
            'soiled' => Shape::boolean()->default(false),
            'kg' => Shape::number(0.3, 120, 'kg'),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'mat_rate_minor' => Shape::number(0, 100_000, 'minor currency units per matting minute'),
            'mat_limit' => Shape::number(1, 100, 'load')->default(12.0),
            'since' => Shape::object(array_fill_keys(Clock::ALL, Shape::number(0, 260, 'weeks since its last reset')))
                ->nullable()
                ->describe('weeks since each clock was reset: {"pads":3}; 0 where it is left out'),
            'bath_frequency' => Shape::choice(['monthly', 'as_needed'], 'school')->default('monthly'),
            'upright_ears' => Shape::boolean()->default(false),
        ];
    }

    public function answer(Fields $in): array
    {
        return (new IntervalRule())->next(self::of($in), $in->intOrNull('wish_weeks'))->toArray();
    }

    public static function of(Fields $in): Facts
    {
        $season = $in->enum('hemisphere', Season::class);
        $growth = (new GrowthRule($season))->learn(
            $in->enum('coat', CoatType::class),
            array_map(Observation::fromFields(...), $in->objects('observations')),
        );

        $seen = [];
        foreach ($in->objects('zones') as $z) {
            if (isset($seen[$z->text('zone')])) {
                throw InvalidInput::at($z->pathOf('zone'), "{$z->text('zone')} is there twice");
            }
            $seen[$z->text('zone')] = true;
        }

        return new Facts(
            $growth,
            array_map(self::zone(...), $in->objects('zones')),
            $in->enum('upkeep', Upkeep::class),
            $in->enum('finish', Finish::class),
            $in->enum('stage', CoatStage::class),
            array_map(self::past(...), $in->objects('history')),
            $in->dateOrNull('from'),
            $in->intOrNull('month'),
            $season,
            $in->enum('ground', Ground::class),
            $in->bool('hard_floor'),
            $in->int('dewclaws'),
            $in->boolOrNull('face_hair'),
            $in->bool('hand_stripped'),
            $in->floatOrNull('next_instalment_weeks'),
            $in->bool('soiled'),
            $in->floatOrNull('kg'),
            $in->enum('handling', Handling::class),
            $in->floatOrNull('mat_rate_minor'),
            $in->float('mat_limit'),
            self::since($in),
            'monthly' === $in->text('bath_frequency'),
            $in->bool('upright_ears'),
        );
    }

    /** @return array<string, float> */
    private static function since(Fields $in): array
    {
        $given = $in->objectOrNull('since');
        $out = [];
        foreach (Clock::ALL as $name) {
            $weeks = $given?->floatOrNull($name);
            if (null !== $weeks) {
                $out[$name] = $weeks;
            }
        }

        return $out;
    }

    private static function zone(Fields $z): ZoneLeft
    {
        $mm = $z->floatOrNull('finished_mm');

        return new ZoneLeft(
            Zone::of($z->text('zone')),
            null === $mm ? null : Length::ofMillimetres($mm, $z->pathOf('finished_mm')),
            $z->enum('method', Method::class),
            $z->bool('forced_by_mat'),
        );
    }

    private static function past(Fields $h): PastVisit
    {
        $worst = 0;
        foreach ($h->objects('findings') as $finding) {
            if (Zone::of($finding->text('zone'))->tender) {
                $worst = max($worst, $finding->int('severity'));
            }
        }
        $found = [];
        foreach (Clock::HYGIENE as $clock) {
            $weeks = $h->objectOrNull('found')?->floatOrNull($clock);
            if (null !== $weeks) {
                $found[$clock] = $weeks;
            }
        }
        $seen = [];
        foreach (Clock::HYGIENE as $clock) {
            $what = $h->objectOrNull('seen')?->enumOrNull($clock, Seen::class);
            if (null !== $what) {
                $seen[$clock] = [$what, $h->float('weeks')];
            }
        }
        $mm = $h->floatOrNull('finished_mm');

        return new PastVisit(
            $h->float('weeks'),
            $h->floatOrNull('load'),
            $h->enumOrNull('upkeep', Upkeep::class),
            null === $mm ? null : Length::ofMillimetres($mm, $h->pathOf('finished_mm')),
            $worst,
            $found,
            '',
            $seen,
        );
    }
}
