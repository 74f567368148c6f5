<?php

/** Work behind the scenes that did not come to an end. A response record. */

declare(strict_types=1);

namespace KeenThistle\Work;

final readonly class WorkView
{
    /** @param list<JobView> $failed newest first */
    public function __construct(public array $failed)
    {
    }
}
