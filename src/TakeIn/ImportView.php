<?php

/** A sheet that was given, with what its columns most likely are. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Work\JobView;

final readonly class ImportView
{
    /**
     * @param list<array{heading: string, likely: string, examples: list<string>}> $columns
     * @param list<array{id: string, label: string}> $fields
     */
    public function __construct(
        public string $id,
        public string $name,
        #[Gives("'read'|'begun'|'done'|'undone'")] public string $state,
        #[Says('dogs taken in so far')] public int $made,
        #[Says('empty once the file is not kept any more')] public array $columns,
        #[Says('what a column can be')] public array $fields,
        #[Says('how the letters were read')] public string $encoding,
        #[Says('what goes on with it, or went on last')] public ?JobView $job,
    ) {
    }
}
