<?php

/** What a dog has come for today. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Core\Timing\Service;
use KeenThistle\Input\Choice;

final readonly class KindForm
{
    public function __construct(#[Choice(Service::class, 'kind of visit')] public Service $kind)
    {
    }
}
