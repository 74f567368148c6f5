<?php

/** What was ticked in the catalogue, for one place. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class TickedTools
{
    /** @param list<string> $tools */
    public function __construct(
        #[Text(1, 36), Says('id of the place they live at')] public string $place,
        #[ListOf(new Line(1, 40), 1, 60), Says('ids of the catalogue')] public array $tools,
    ) {
    }
}
