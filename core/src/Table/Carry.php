<?php

/** Whether what was done last time may be done again as style. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final class Carry
{
    private const PATCHES = [
        'forced_by_mat' => 'it was forced by a mat',
        'repair' => 'it repaired an earlier cut',
        'cleared_by_vet' => 'it was cleared for a vet',
    ];

    private function __construct()
    {
    }

    /** Why not; null: it may. */
    public static function refuses(bool $exception, string $carry, string $reason): ?string
    {
        return match (true) {
            isset(self::PATCHES[$reason]) => 'an exception patch is never copied: '.self::PATCHES[$reason],
            $exception => 'an exception patch is never copied',
            'do_not_repeat' === $carry => 'it was marked: do not repeat',
            default => null,
        };
    }
}
