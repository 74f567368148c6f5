<?php

/** `bin/ask neckwear`: sizes from the neck. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Neckwear\NeckwearRule;

final readonly class NeckwearQuestion implements Question
{
    public function name(): string
    {
        return 'neckwear';
    }

    public function summary(): string
    {
        return 'Finished size, fabric, and widths of tube, band and bow from a neck measured close.';
    }

    public function shape(): Shape
    {
        return Shape::object([
            'neck_mm' => Shape::number(80, 1200, 'mm, measured close')->required(),
            'kg' => Shape::kilograms()->required(),
            'seam_mm' => Shape::number(0, 40, 'mm')->default(10.0),
        ]);
    }

    public function answer(Fields $in): array
    {
        return (new NeckwearRule())->sizes($in->float('neck_mm'), $in->float('kg'), $in->float('seam_mm'));
    }
}
