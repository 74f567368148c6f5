<?php

/** A pattern laid on a dog. A response record. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class FitView
{
    /**
     * @param list<array<string, mixed>> $zones
     * @param array<string, int> $counts
     */
    public function __construct(
        #[Says('of the dog\'s plan; named in If-Match when the pattern is taken over')] public int $revision,
        #[Gives(
            'list<array{zone: string, label: string, verdict: \'same\'|\'fits\'|\'other_tool\'|\'agree_first\'|'.
                '\'kept\'|\'must_not\', words: string, finished_mm: float|null, was_mm: float|null, '.
                'difference_mm: float|null, why: string, instead: string|null, warnings: list<CautionView>, '.
                'taken: bool}>',
        )]
        public array $zones,
        #[Says('zones by verdict')] public array $counts,
    ) {
    }
}
