<?php

/** A style of the salon's own. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Style\StyleTable;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

final readonly class StyleForm
{
    public function __construct(
        #[Shaped([self::class, 'kinds'])] public string $kind,
        #[Line(2, 60)] public string $name,
        #[Shaped([self::class, 'drawings']), Says('which of the drawings it is like')] public string $drawing,
    ) {
    }

    public static function kinds(): Shape
    {
        return Shape::choice(array_keys(StyleTable::KINDS), 'kind of style');
    }

    public static function drawings(): Shape
    {
        return Shape::choice(StyleTable::drawings(), 'drawing');
    }
}
