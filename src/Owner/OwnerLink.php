<?php

/** How long a link for an owner opens something: until then, or until somebody takes it back. */

declare(strict_types=1);

namespace KeenThistle\Owner;

final class OwnerLink
{
    public const VALID = '+180 days';

    private function __construct()
    {
    }

    public static function isOpen(?\DateTimeImmutable $until, \DateTimeImmutable $now): bool
    {
        return null !== $until && $until > $now;
    }
}
