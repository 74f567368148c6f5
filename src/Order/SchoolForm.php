<?php

/** On which point a card differs from the salon's schools. */

declare(strict_types=1);

namespace KeenThistle\Order;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

final readonly class SchoolForm
{
    public function __construct(
        #[Shaped([self::class, 'points'])] public string $point,
        #[Line(0, 30), Says('null: as the house does it')] public ?string $side = null,
    ) {
    }

    public static function points(): Shape
    {
        return Shape::choice(array_keys(SchoolTable::rows()), 'point');
    }
}
