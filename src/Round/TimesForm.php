<?php

/** The times at which the van comes, as they are told to owners. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;

final readonly class TimesForm
{
    /** @param list<TimeForm> $times */
    public function __construct(
        #[ListOf(TimeForm::class, 1, 24)] public array $times,
        #[Says('write to whoever hears a time that is ten minutes another or more')] public bool $write = true,
    ) {
    }
}
