<?php

/** The response record of one change. */

declare(strict_types=1);

namespace KeenThistle\Log;

final readonly class LogEntryView
{
    public function __construct(
        public string $id,
        public string $at,
        public string $who,
        public string $kind,
        public string $subject,
        public string $summary,
        public ?string $dog,
        public ?string $dog_name,
        public bool $undone,
        public bool $can_undo,
    ) {
    }
}
