<?php

/** One claw as it was found. */

declare(strict_types=1);

namespace KeenThistle\Core\Nails;

use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Zone\ZoneTable;

final readonly class Claw
{
    /** @param float $over mm past where it should end; 0: not past it */
    public function __construct(
        public string $foot,
        public int $number,
        public bool $dewclaw,
        public string $state,
        public bool $dark,
        public float $over,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'foot' => Shape::choice(ZoneTable::FEET, 'foot')->required(),
            'claw' => Shape::integer(1, 6)->required()->describe('from outside in'),
            'dewclaw' => Shape::boolean()->default(false),
            'state' => Shape::choice(HandsOn::CLAWS, 'state')->required(),
            'dark' => Shape::boolean()->default(false)->describe('the quick cannot be seen'),
            'over_mm' => Shape::number(0, 60, 'mm past where it should end')->default(0.0),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        return new self(
            $in->text('foot'),
            $in->int('claw'),
            $in->bool('dewclaw'),
            $in->text('state'),
            $in->bool('dark'),
            $in->float('over_mm'),
        );
    }
}
