<?php

/** Keep what a tool was measured at. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Command\Command;

final readonly class MeasureTool implements Command
{
    public function __construct(public string $tool, public int $version, public MeasureForm $measure)
    {
    }
}
