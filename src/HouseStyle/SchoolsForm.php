<?php

/** A choice of schools, before it is kept. */

declare(strict_types=1);

namespace KeenThistle\HouseStyle;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Order\SchoolTable;
use KeenThistle\Input\Shaped;

final readonly class SchoolsForm
{
    public function __construct(#[Shaped([SchoolTable::class, 'shape'])] public Fields $schools)
    {
    }
}
