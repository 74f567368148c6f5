<?php

/** One step of a groom: what to pick up, what to mind, when it is done. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use OpenApi\Attributes as OA;

#[OA\Schema(
    required: [
        'key',
        'step',
        'title',
        'tool',
        'base',
        'lay',
        'leaves_mm',
        'leaves_to_mm',
        'stop_lines',
        'shapes',
        'zones',
        'minutes',
        'cautions',
        'done_when',
        'state',
        'why',
        'who',
    ],
)]
final readonly class TableStepView
{
    /**
     * @param list<string> $stop_lines
     * @param list<string> $shapes
     * @param list<string> $zones
     * @param list<string> $cautions
     */
    public function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $step,
        #[OA\Property] public string $title,
        #[OA\Property(nullable: true, description: 'in words, the base of a guard left out')] public ?string $tool,
        #[OA\Property(nullable: true, description: 'blade under the guard')] public ?string $base,
        #[OA\Property(nullable: true)] public ?string $lay,
        #[OA\Property(nullable: true)] public ?float $leaves_mm,
        #[OA\Property(nullable: true, description: 'where its zones are left at different lengths: the longest'),]
        public ?float $leaves_to_mm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $stop_lines,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $shapes,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $zones,
        #[OA\Property(nullable: true)] public ?float $minutes,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $cautions,
        #[OA\Property] public string $done_when,
        #[OA\Property(description: 'open, begun, done or skipped')] public string $state,
        #[OA\Property] public string $why,
        #[OA\Property(nullable: true)] public ?string $who,
    ) {
    }
}
