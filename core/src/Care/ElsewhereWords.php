<?php

/** What another salon warns of, as it stands beside a dog's own cautions. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Say\Say;

final class ElsewhereWords
{
    private function __construct()
    {
    }

    public static function caution(string $code, string $salon, string $says): Caution
    {
        return new Caution($code, Say::it('care.from_elsewhere', $salon, $says));
    }
}
