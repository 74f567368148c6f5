<?php

/** Which school is shown on an example dog, with the others as they are chosen on the screen. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Input\Shaped;

final readonly class ExampleForm
{
    public function __construct(
        #[Shaped([self::class, 'points'])] public string $point,
        #[Shaped([SchoolTable::class, 'shape'])] public ?Fields $schools = null,
    ) {
    }

    public static function points(): Shape
    {
        return Shape::choice(array_keys(SchoolTable::sides()), 'point')->required();
    }
}
