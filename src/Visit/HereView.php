<?php

/** What the chosen kit makes of a recipe. A response record. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Recipe\ToolView;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['makes', 'words', 'tool', 'lay', 'finished_mm', 'inch', 'difference_mm', 'close'])]
final readonly class HereView
{
    /** @param array<string, mixed>|null $tool */
    public function __construct(
        #[OA\Property(description: 'whether the recipe itself can be made from the tools in reach')] public bool $makes,
        #[OA\Property] public string $words,
        #[OA\Property(ref: ToolView::class, nullable: true)] public ?array $tool,
        #[OA\Property(nullable: true)] public ?string $lay,
        #[OA\Property(nullable: true)] public ?float $finished_mm,
        #[OA\Property(nullable: true)] public ?string $inch,
        #[OA\Property(nullable: true)] public ?float $difference_mm,
        #[OA\Property] public bool $close,
    ) {
    }

    /** Whether this kit makes the recipe itself, at the length it is planned with: then nothing need be said. */
    public function isAsPlanned(): bool
    {
        return $this->makes && $this->close && 0.0 === ($this->difference_mm ?? 0.0);
    }
}
