<?php

/** The visits that are meant for a year. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Input\ListOf;

final readonly class YearForm
{
    public const MOST = 120;

    /** @param list<YearVisitForm> $visits */
    public function __construct(#[ListOf(YearVisitForm::class, 0, self::MOST)] public array $visits)
    {
    }
}
