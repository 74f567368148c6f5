<?php

/** `bin/ask keepable`: the longest length this home can keep, and what each usual length asks for. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Keep\Home;
use KeenThistle\Core\Keep\KeepableRule;

final readonly class KeepableQuestion implements Question
{
    public function name(): string
    {
        return 'keepable';
    }

    public function summary(): string
    {
        return 'The longest even length this home keeps free of mats at an interval, and what other lengths ask for.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'stage' => Shape::enum(CoatStage::class, 'coat stage')->default('adult'),
            'upkeep' => Shape::enum(Upkeep::class, 'upkeep')->default('weekly'),
            'weeks' => Shape::integer(1, 52)->required()->describe('wished between visits'),
            'm' => Shape::number(0, 20, 'factor this dog\'s arrivals have shown')->default(1.0),
            'mm_per_week' => Shape::number(0, 20, 'growth as it is; left out: usual for coat and stage'),
            'mat_limit' => Shape::number(1, 100, 'load')->default(12.0),
            'kg' => Shape::number(0.3, 120, 'kg; left out: no minutes are said'),
            'handling' => Shape::enum(Handling::class, 'handling')->default('calm'),
            'rate_minor' => Shape::number(0, 100_000, 'minor currency units a minute; left out: no money is said'),
        ]);
    }

    public function answer(Fields $in): array
    {
        $home = new Home(
            $in->enum('coat', CoatType::class),
            $in->enum('stage', CoatStage::class),
            $in->enum('upkeep', Upkeep::class),
            $in->float('m'),
            $in->floatOrNull('mm_per_week'),
            $in->float('mat_limit'),
        );

        return (new KeepableRule())->answer(
            $home,
            $in->int('weeks'),
            $in->floatOrNull('kg'),
            $in->enum('handling', Handling::class),
            $in->floatOrNull('rate_minor'),
        );
    }
}
