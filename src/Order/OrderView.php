<?php

/** A dog in its order of work. A response record. */

declare(strict_types=1);

namespace KeenThistle\Order;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class OrderView
{
    /**
     * @param list<array<string, mixed>> $steps
     * @param list<array{step: string, why: string}> $moved
     */
    public function __construct(
        #[Gives(
            'list<array{step: string, title: string, tool: string|null, lay: string|null, zones: list<string>, '.
                'minutes: float|'.
                'null, cautions: list<string>, done_when: string}>',
        ),]
        public array $steps,
        public int $tool_changes,
        public array $moved,
        #[Says('a rest off the table, with water')] public int $rest_every_minutes,
    ) {
    }
}
