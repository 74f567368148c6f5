<?php

/** What was said on the phone: from so long and so much to so long and so much. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Quote
{
    /**
     * @param int $from minutes
     * @param int|null $fromMinor null: nobody asked what it costs
     * @param list<Reason> $reasons
     * @param list<Caution> $cautions
     */
    public function __construct(
        public int $from,
        public int $to,
        public ?int $fromMinor,
        public ?int $toMinor,
        public array $reasons,
        public array $cautions,
    ) {
    }
}
