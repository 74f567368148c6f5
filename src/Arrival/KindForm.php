<?php

/** What a dog has come for today, and what was asked for on top. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Timing\Service;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;

final readonly class KindForm
{
    /** @param list<string>|null $extras */
    public function __construct(
        #[Choice(Service::class, 'kind of visit')] public Service $kind,
        #[ListOf(new Line(1, 60), 0, 20), Says('names from the price list; null: as they are')]
        public ?array $extras = null,
    ) {
    }
}
