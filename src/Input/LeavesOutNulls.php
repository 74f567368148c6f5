<?php

/** A response record that leaves out what is null. */

declare(strict_types=1);

namespace KeenThistle\Input;

trait LeavesOutNulls
{
    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        return array_filter(get_object_vars($this), static fn (mixed $value): bool => null !== $value);
    }
}
