<?php

/** Which stroke of a measurement the calliper is asked for. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\MeasureRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Whole;

final readonly class StrokeForm
{
    public function __construct(
        #[Whole(0, MeasureRule::MOST - 1)] public int $stroke,
        #[Choice(BladeTable::GUARD_BASES, 'base blade')] public ?string $base = null,
        #[Choice(Lay::class, 'lay')] public Lay $lay = Lay::With,
    ) {
    }
}
