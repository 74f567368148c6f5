<?php

/** Keeps something for a time only: each night it takes away what has had its time. */

declare(strict_types=1);

namespace KeenThistle\Work;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

#[AutoconfigureTag]
interface Sweeps
{
    /** What it takes away, in words for the log. */
    public function swept(): string;

    /** @return int how many went */
    public function sweep(): int;
}
