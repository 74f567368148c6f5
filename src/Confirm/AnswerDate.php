<?php

/** What an owner says of a date. */

declare(strict_types=1);

namespace KeenThistle\Confirm;

use KeenThistle\Command\Command;

final readonly class AnswerDate implements Command
{
    /**
     * @param string $booking its id
     * @param string $answer yes, ring, or move
     * @param string $told what has changed at home
     * @param string $to of those offered, for a move
     */
    public function __construct(
        public string $booking,
        public string $answer,
        public string $told,
        public string $to = '',
    ) {
    }
}
