<?php

/** Goes through the queue: the next step of a job is to be done. */

declare(strict_types=1);

namespace KeenThistle\Work;

final readonly class JobStep
{
    /** @param int $step which one, from 0: a step that came twice is done once */
    public function __construct(public string $job, public int $step)
    {
    }
}
