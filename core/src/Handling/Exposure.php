<?php

/** One entry of the ladder log: when, how far, and whether the dog stayed calm. */

declare(strict_types=1);

namespace KeenThistle\Core\Handling;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

final readonly class Exposure
{
    public function __construct(
        public \DateTimeImmutable $on,
        public Rung $rung,
        public bool $calm,
        public ?Place $place = null,
    ) {
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'date' => Shape::date()->required(),
            'rung' => Shape::enum(Rung::class, 'rung')->required(),
            'calm' => Shape::boolean()->required()->describe('whether the dog stayed calm; false: it was afraid'),
            'place' => Shape::enum(Place::class, 'place')->nullable()->describe('left out: said of the whole dog'),
        ]);
    }

    public static function fromFields(Fields $in): self
    {
        return new self(
            $in->dateOrNull('date') ?? throw new \LogicException('The shape requires a date.'),
            $in->enum('rung', Rung::class),
            $in->bool('calm'),
            $in->enumOrNull('place', Place::class),
        );
    }
}
