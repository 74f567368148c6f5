<?php

/** Changes in the order in which they were numbered. A response record. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Says;

final readonly class ChangesView
{
    /** @param list<ChangeView> $changes */
    public function __construct(
        public array $changes,
        #[Says('hand it back as after, to get what comes next; the same again where nothing was new')]
        public string $cursor,
        #[Says('there is more to be had at once')] public bool $more,
    ) {
    }
}
