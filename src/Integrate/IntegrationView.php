<?php

/** A programme that is let in. A response record. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class IntegrationView
{
    /** @param list<string> $may */
    public function __construct(
        public string $id,
        public string $name,
        #[Says('in whose name it reads and writes')] public string $who,
        public array $may,
        public string $made_at,
        public string $until,
        #[Says('empty: it goes on until then')] public string $ended,
        #[Says('empty: never yet')] public string $used_at,
        #[Gives("'open'|'ended'|'run out'|'nobody'"), Says('nobody: in whose name it was works here no more')]
        public string $state,
        #[Says('address that is told of changes; empty: none')] public string $tell,
    ) {
    }
}
