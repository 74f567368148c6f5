<?php

/** One step of a groom: what to pick up, what to mind, when it is done. A response record. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class TableStepView
{
    /**
     * @param list<string> $stop_lines
     * @param list<string> $shapes
     * @param list<string> $zones
     * @param list<string> $places
     * @param list<string> $cautions
     */
    public function __construct(
        public string $key,
        public string $step,
        public string $title,
        #[Says('in words, the base of a guard left out')] public ?string $tool,
        #[Says('blade under the guard')] public ?string $base,
        #[Says('blade that runs and grows warm: the tool itself, or the one under the guard')] public ?string $blade,
        public ?string $lay,
        public ?float $leaves_mm,
        #[Says('where its zones are left at different lengths: the longest')] public ?float $leaves_to_mm,
        public array $stop_lines,
        public array $shapes,
        public array $zones,
        #[Says('where it is done, where that does not finish a zone')] public array $places,
        public ?float $minutes,
        public array $cautions,
        public string $done_when,
        #[Says('open, begun, done or skipped')] public string $state,
        public string $why,
        public ?string $who,
        #[Gives("'owner'|'dry'|'refused'|''"), Says('why nothing of it is done as things stand; empty: it can be')]
        public string $waits,
        #[Says('why it does not stand where it usually does')] public string $moved,
        #[Says('work that is told of at once where all of it went as planned; empty: by itself')]
        public string $together,
    ) {
    }
}
