<?php

/** Write down how a dog bears a tool. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Command\Command;
use KeenThistle\Core\Handling\Tool;

final readonly class RecordHandling implements Command
{
    /** @param int $version of the record this was made from, 0 for a new one */
    public function __construct(
        public string $dog,
        public Tool $tool,
        public int $version,
        public HandlingForm $form,
    ) {
    }
}
