<?php

/** A plan's line, read: what it means, what waits for a nod, what is wrong. A response record. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Input\Says;
use KeenThistle\Recipe\RecipeView;

final readonly class LineView
{
    /**
     * @param list<array{zone: string, recipe: RecipeView|null, finished_mm: float|null}> $zones
     * @param list<string> $changed
     * @param list<string> $gone
     * @param list<array{at: int, length: int, said: string, means: string}> $spoken
     * @param list<array{at: int, length: int, word: string, expected: string, nearest: string|null,
     *     message: string}> $faults
     * @param array<string, list<string>> $words
     */
    public function __construct(
        #[Says('as it is written')] public string $line,
        #[Says('of the plan, named in If-Match')] public int $revision,
        public array $zones,
        #[Says('zones that are otherwise than the plan has them')] public array $changed,
        #[Says('zones of the plan that the line leaves out')] public array $gone,
        public array $spoken,
        public array $faults,
        #[Says('closed lists for completion: zone, tool, mark, stop, reason')] public array $words,
    ) {
    }
}
