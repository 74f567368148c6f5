<?php

/** Whether what was done last time may be done again as style. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Say\Say;

final class Carry
{
    private const PATCHES = [
        'forced_by_mat' => 'table.patch.forced_by_mat',
        'repair' => 'table.patch.repair',
        'cleared_by_vet' => 'table.patch.cleared_by_vet',
    ];

    private function __construct()
    {
    }

    /** Why not; null: it may. */
    public static function refuses(bool $exception, string $carry, string $reason): ?string
    {
        return match (true) {
            isset(self::PATCHES[$reason]) => Say::it(
                'table.an_exception_patch_is_never_copied',
                Say::it(self::PATCHES[$reason]),
            ),
            $exception => Say::it('table.an_exception_patch_is_never_copied_2'),
            'do_not_repeat' === $carry => Say::it('table.it_was_marked_do_not_repeat'),
            default => null,
        };
    }
}
