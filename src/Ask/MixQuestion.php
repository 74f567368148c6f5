<?php

/** `bin/ask mix`: shampoo for a dog, its concentrate and its bottles. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wash\BottleRule;
use KeenThistle\Core\Wash\MixRule;

final readonly class MixQuestion implements Question
{
    public function name(): string
    {
        return 'mix';
    }

    public function summary(): string
    {
        return 'Litres of mixed shampoo for a dog, concentrate and water at 1:n, '.
            'bottles with their labels, cost and stock.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'kg' => Shape::kilograms()->required(),
            'coat' => Shape::enum(CoatType::class, 'coat')->required(),
            'passes' => Shape::integer(1, 6)->default(1),
            'ratio' => Shape::number(1, 200, 'parts of water to one part of concentrate: 10 for 1:10')->required(),
            'content' => Shape::line(1, 60)->default('shampoo'),
            'bottle_ml' => Shape::integer(50, 20_000)->default(500),
            'mixed_on' => Shape::date()->nullable()->describe('needed for bottles'),
            'label_days' => Shape::integer(0, 730)
                ->nullable()
                ->describe('days the maker\'s label allows a mixed bottle; null: the same day'),
            'discard_by' => Shape::date()->nullable(),
            'litre_minor' => Shape::integer(0, 10_000_000)
                ->nullable()
                ->describe('price of a litre of concentrate, minor units'),
            'stock_ml' => Shape::number(0, 1e7, 'ml of concentrate there is')->nullable(),
        ]);
    }

    public function answer(Fields $in): array
    {
        $mix = (new MixRule())->mix(
            $in->float('kg'),
            $in->enum('coat', CoatType::class),
            $in->int('passes'),
            $in->float('ratio'),
        );
        [$dwell, $passes] = MixRule::usual($in->enum('coat', CoatType::class));
        $on = $in->dateOrNull('mixed_on');

        return $mix->toArray() + [
            'usual' => ['dwell_min' => $dwell, 'passes' => $passes],
            'bottles' => null === $on
                    ? null
                    : (new BottleRule())->fill(
                        $mix,
                        $in->text('content'),
                        $in->float('ratio'),
                        $in->int('bottle_ml'),
                        $on,
                        $in->intOrNull('label_days'),
                        $in->dateOrNull('discard_by'),
                        $in->intOrNull('litre_minor'),
                        $in->floatOrNull('stock_ml'),
                    ),
        ];
    }
}
