<?php

/** A job: how far it has come. A response record. */

declare(strict_types=1);

namespace KeenThistle\Work;

use KeenThistle\Input\Says;

final readonly class JobView
{
    public function __construct(
        public string $id,
        #[Says('what is done')] public string $about,
        #[Says('open, done or failed')] public string $state,
        public int $done,
        public int $total,
        #[Says('why it failed')] public string $why,
        public string $who,
        public string $at,
    ) {
    }
}
