<?php

/** Reads what is said of a product and of a bottle. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Wash\Ratio;

final class WashInput
{
    private function __construct()
    {
    }

    public static function product(): Shape
    {
        return Shape::object([
            'name' => Shape::line(1, 60)->required(),
            'kind' => Shape::choice(Product::KINDS, 'kind of product')->default('shampoo'),
            'ratio' => Shape::line(1, 20)->required()->describe('as it is written: 1:10, or 10'),
            'label_days' => Shape::integer(0, 730)
                ->nullable()
                ->describe('days the maker\'s label allows a mixed bottle'),
            'dwell_min' => Shape::integer(0, 60)->nullable()->describe('minutes on the coat by the label'),
            'coats' => Shape::list(Shape::enum(CoatType::class, 'coat'), 0, 11)
                ->default([])
                ->describe('coats it is meant for; none: any'),
            'bottle_ml' => Shape::integer(50, 20_000)->default(500),
            'stock_ml' => Shape::number(0, 1_000_000, 'ml of concentrate')->default(0.0),
            'litre_minor' => Shape::integer(0, 10_000_000)->nullable()->describe('price of a litre of concentrate'),
            'note' => Shape::line(0, 200)->default(''),
            'active' => Shape::boolean()->default(true),
        ]);
    }

    /** @throws InvalidInput for a ratio that was typed the wrong way round */
    public static function into(Product $p, Fields $in): void
    {
        $p->name = trim($in->text('name'));
        $p->kind = $in->text('kind');
        $p->ratio = Ratio::parse($in->text('ratio'));
        $p->labelDays = $in->intOrNull('label_days');
        $p->dwell = $in->intOrNull('dwell_min');
        $p->coats = array_values(array_unique($in->texts('coats')));
        $p->bottleMl = $in->int('bottle_ml');
        $p->stockMl = $in->float('stock_ml');
        $p->litreMinor = $in->intOrNull('litre_minor');
        $p->note = trim($in->text('note'));
        $p->active = $in->bool('active');
    }

    public static function bottles(): Shape
    {
        return Shape::object([
            'product' => Shape::text(1, 36)->required(),
            'litres' => Shape::number(0, 200, 'litres of mixed shampoo', true)->required(),
            'discard_by' => Shape::date()->nullable()->describe('null: as long as the label allows'),
        ]);
    }

    public static function reaction(): Shape
    {
        return Shape::object([
            'product' => Shape::text(1, 36)->required(),
            'what' => Shape::line(1, 120)->required()->describe('what was seen: redness, itching, wheals'),
        ]);
    }
}
