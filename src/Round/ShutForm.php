<?php

/** Which road is shut on a day, and when. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class ShutForm
{
    public function __construct(
        public \DateTimeImmutable $day,
        #[Line(1, 40), Says('an id on the road map')] public string $way,
        #[Line(0, 5), Says('HH:MM')] public string $from = '00:00',
        #[Line(0, 5), Says('HH:MM, after it')] public string $to = '24:00',
    ) {
    }
}
