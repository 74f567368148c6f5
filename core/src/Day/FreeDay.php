<?php

/** A day on which somebody could have a dog: who is there, and what they are booked for. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class FreeDay
{
    /**
     * @param string $date as 2026-11-28
     * @param list<array{id: string, from: int, to: int, busy: list<array{int, int}>}> $people minutes from midnight
     */
    public function __construct(public string $date, public array $people)
    {
    }
}
