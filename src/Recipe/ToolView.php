<?php

/** A blade, guard or small trimmer. A response record. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use KeenThistle\Input\Gives;

#[Gives('array{kind: string, label?: string, mm?: float, base?: string}')]
final class ToolView
{
}
