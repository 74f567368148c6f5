<?php

/** Whose work is being done just now, for the log: set where an actor is made, forgotten with the request or job. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Symfony\Contracts\Service\ResetInterface;

final class Acting implements ResetInterface
{
    public ?Actor $actor = null;
    /** The job, where it is none of a request. */
    public ?string $job = null;

    public function is(Actor $actor, ?string $job = null): void
    {
        [$this->actor, $this->job] = [$actor, $job];
    }

    public function reset(): void
    {
        [$this->actor, $this->job] = [null, null];
    }
}
