<?php

/** Book what somebody has wished for. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use KeenThistle\Command\Command;

final readonly class GrantWish implements Command
{
    public function __construct(public string $booking, public int $version)
    {
    }
}
