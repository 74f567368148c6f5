<?php

/** A step for mats at a place, and where it stands among the others. A response record. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Input\Says;
use KeenThistle\Table\TableStepView;

final readonly class MatStepView
{
    public function __construct(
        #[Says('key of the step before it; null: it comes first')] public ?string $after,
        #[Says('mats_out, mats_clip, or skin: where one was clipped')] public string $work,
        public TableStepView $step,
    ) {
    }
}
