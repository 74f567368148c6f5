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
     * @param list<array{said: string, line: string, sure: bool, doubts: list<string>}> $from_paper
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
        #[Says('how it is trimmed, as its paper card says it; empty: nothing was noted')] public string $paper,
        #[Says('the same, part by part in shorthand, with what is not certain')] public array $from_paper,
        #[Says('closed lists for completion: zone, tool, mark, stop, reason')] public array $words,
    ) {
    }
}
