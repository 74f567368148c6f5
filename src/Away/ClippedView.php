<?php

/** A zone as it stands on today's list and at the table where a mat is clipped there. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Arrival\TodayRowView;
use KeenThistle\Recipe\RecipeView;

final readonly class ClippedView
{
    public function __construct(public TodayRowView $row, public ?RecipeView $planned, public ?float $planned_mm)
    {
    }
}
