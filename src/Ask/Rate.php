<?php

/** A rate as people say it: by the minute or by the hour, never both. */

declare(strict_types=1);

namespace KeenThistle\Ask;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;

final class Rate
{
    private function __construct()
    {
    }

    /**
     * @param string $field by the minute; by the hour it ends in _per_hour
     *
     * @return float|null minor currency units per minute
     *
     * @throws InvalidInput where both are given
     */
    public static function perMinute(Fields $in, string $field): ?float
    {
        $hour = $in->floatOrNull("{$field}_per_hour");
        $minute = $in->floatOrNull($field);
        if (null !== $hour && null !== $minute) {
            throw InvalidInput::at("{$field}_per_hour", "give $field or {$field}_per_hour, not both");
        }

        return $minute ?? (null === $hour ? null : $hour / 60);
    }
}
