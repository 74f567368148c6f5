<?php

/** What the log keeps of a changed pattern: its line before and after, and which version that made. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Log\Change;
use KeenThistle\Refusal\Refused;

final class PatternChange
{
    private function __construct()
    {
    }

    /**
     * @param array<string, mixed>|null $side before or after
     *
     * @return array<string, Way>
     */
    public static function line(?array $side): array
    {
        $line = $side['line'] ?? null;

        return PatternRows::ways(\is_string($line) ? $line : throw Refused::notFound('change'));
    }

    public static function version(Change $change): int
    {
        $version = $change->after['line_version'] ?? null;

        return \is_int($version) ? $version : throw Refused::notFound('change');
    }
}
