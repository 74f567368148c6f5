<?php

/** What the chosen kit makes of a recipe. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class HereView
{
    /** @param array<string, mixed>|null $tool */
    public function __construct(
        #[Says('whether the recipe itself can be made from the tools in reach')] public bool $makes,
        public string $words,
        #[Gives('ToolView|null')] public ?array $tool,
        public ?string $lay,
        public ?float $finished_mm,
        public ?string $inch,
        public ?float $difference_mm,
        public bool $close,
    ) {
    }

    /** Whether this kit makes the recipe itself, at the length it is planned with: then nothing need be said. */
    public function isAsPlanned(): bool
    {
        return $this->makes && $this->close && 0.0 === ($this->difference_mm ?? 0.0);
    }
}
