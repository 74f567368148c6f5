<?php

/** A page of the outbox. A response record. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use KeenThistle\Input\Gives;

final readonly class OutboxView
{
    /** @param list<array<string, string>> $messages */
    public function __construct(
        #[Gives(
            'list<array{id: string, at: string, kind: string, to: string, client: string, text: string, '.
                'state: string, receipt: string, dog_id: string, dog: string, who: string}>',
        )]
        public array $messages,
        public ?string $next,
    ) {
    }
}
