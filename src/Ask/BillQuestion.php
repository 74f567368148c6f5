<?php

/** `bin/ask bill`: what a bill comes to, the tax in it, the change; or what is missing. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Payment;
use KeenThistle\Core\Money\Way;

final readonly class BillQuestion implements Question
{
    private const MOST = 100_000_000;

    public function name(): string
    {
        return 'bill';
    }

    public function summary(): string
    {
        return 'What a bill comes to, the tax in it by rate, and the change; or what is missing.';
    }

    public function shape(): Shape
    {
        $line = Shape::object([
            'kind' => Shape::enum(LineKind::class, 'kind')->required(),
            'label' => Shape::text(0, 80)->default(''),
            'minor' => Shape::integer(-self::MOST, self::MOST)->required()->describe('with its tax'),
            'tax_percent' => Shape::number(0, 100, 'percent')->default(0.0),
        ]);
        $payment = Shape::object([
            'way' => Shape::enum(Way::class, 'way')->required(),
            'minor' => Shape::integer(0, self::MOST)->required(),
            'voucher' => Shape::text(0, 20)->default(''),
        ]);

        return Shape::object([
            'lines' => Shape::list($line, 1, 100)->required(),
            'payments' => Shape::list($payment, 0, 20)->default([]),
            'vouchers' => Shape::list(
                Shape::object([
                    'number' => Shape::text(1, 20)->required(),
                    'left_minor' => Shape::integer(0, self::MOST)->required(),
                ]),
                0,
                20,
            )->default([]),
        ]);
    }

    public function answer(Fields $in): array
    {
        $left = [];
        foreach ($in->objects('vouchers') as $v) {
            $left[$v->text('number')] = $v->int('left_minor');
        }
        $bill = Bill::of(
            array_map(
                static fn (Fields $l): Line => new Line(
                    $l->enum('kind', LineKind::class),
                    $l->text('label'),
                    $l->int('minor'),
                    $l->float('tax_percent'),
                ),
                $in->objects('lines'),
            ),
            array_map(
                static fn (Fields $p): Payment => new Payment(
                    $p->enum('way', Way::class),
                    $p->int('minor'),
                    $p->text('voucher'),
                ),
                $in->objects('payments'),
            ),
            $left,
        );

        return [
            'total_minor' => $bill->total,
            'change_minor' => $bill->change,
            'taxes' => Bill::taxes($bill->lines),
        ];
    }
}
