<?php

/** A phase that has begun: it stays where, when and with whom it is. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Done
{
    /**
     * @param int $from tick of the day
     * @param int $to when it ended, or is expected to
     */
    public function __construct(public int $from, public int $to, public ?string $person)
    {
    }
}
