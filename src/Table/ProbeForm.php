<?php

/** Which blade is held to the probe. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

final readonly class ProbeForm
{
    public function __construct(
        #[Shaped([self::class, 'blades']), Says('held to the probe')] public string $blade,
    ) {
    }

    public static function blades(): Shape
    {
        return Shape::choice(BladeTable::labels(), 'blade');
    }
}
