<?php

/** Taps of one device, oldest first, some of them made hours ago without a network. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Command\Command;

final readonly class TapGroom implements Command
{
    /** @param list<mixed> $taps as decoded; each is checked on its own where it is counted */
    public function __construct(
        public string $groom,
        public string $device,
        public string $sentAt,
        public array $taps,
    ) {
    }
}
