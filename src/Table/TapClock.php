<?php

/** When a tap was made, by the salon's clock: a device's own may be off. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;

final class TapClock
{
    private function __construct()
    {
    }

    /** Seconds by which the device's clock is ahead of ours; behind: negative. */
    public static function ahead(string $sentAt, \DateTimeImmutable $now): float
    {
        $sent = self::instant($sentAt, 'sent_at');

        return (float) $sent->format('U.u') - (float) $now->format('U.u');
    }

    public static function at(
        Fields $in,
        float $ahead,
        \DateTimeImmutable $opened,
        \DateTimeImmutable $now,
    ): \DateTimeImmutable {
        $at = self::instant($in->text('at'), $in->pathOf('at'))->modify(
            \sprintf('%+d milliseconds', (int) round(-$ahead * 1000)),
        );

        return max($opened, min($at, $now));
    }

    private static function instant(string $text, string $field): \DateTimeImmutable
    {
        // Looked at before it is parsed: a NUL in it would throw there.
        $at =
            1 === preg_match('/^\d{4}-[0-9T:.Z+-]+$/D', $text)
                ? \DateTimeImmutable::createFromFormat('Y-m-d\TH:i:s.vp', $text, new \DateTimeZone('UTC'))
                : false;

        return false === $at
            ? throw InvalidInput::at($field, 'must be a moment such as 2026-05-04T10:15:30.250Z')
            : $at;
    }
}
