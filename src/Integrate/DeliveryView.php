<?php

/** What a programme was told, and what it said. A response record. */

declare(strict_types=1);

namespace KeenThistle\Integrate;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class DeliveryView
{
    public function __construct(
        public string $id,
        public string $integration,
        public string $at,
        #[Says('how many changes were in it')] public int $changes,
        #[Gives("'waiting'|'sending'|'taken'|'failed'")] public string $state,
        #[Says('what was answered, or why it was not taken')] public string $answer,
    ) {
    }
}
