<?php

/** Keep a comb test as it stands. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Command\Command;
use KeenThistle\Command\MayComeLate;

/** @phpstan-import-type Comb from Arrival */
final readonly class KeepCombTest implements Command, MayComeLate
{
    /**
     * @param Comb $comb
     * @param string|null $choice the way that was chosen; null: as it was
     */
    public function __construct(
        public string $arrival,
        public int $version,
        public array $comb,
        public ?string $choice,
    ) {
    }
}
