<?php

/** Where a dog comes to the table, and what is done as last time. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Text;

final readonly class OpenForm
{
    /** @param list<string> $keep */
    public function __construct(
        #[Text(0, 36), Says('where; the person\'s own place by default')] public ?string $place = null,
        #[ListOf(new Shaped([Zone::class, 'shape']), 0, 100)]
        #[Says('zones that are done as they were last time, not as the card has them')]
        public array $keep = [],
        #[Text(36, 36), Says('the id a device gave it while it had no signal')]
        public ?string $id = null,
    ) {
    }
}
