<?php

/** What is said of the proof of vaccination that a salon asks for, on the day of a visit. */

declare(strict_types=1);

namespace KeenThistle\Core\Care;

use KeenThistle\Core\Say\Say;

final readonly class ProofRule
{
    private function __construct()
    {
    }

    /**
     * @param bool $asked whether the salon asks for one, as local rules do
     * @param string|null $until the last day it holds, YYYY-MM-DD; null: no date was noted
     * @param string $day of the visit
     *
     * @return string empty: nothing is missing
     */
    public static function missing(bool $asked, ?string $until, string $day): string
    {
        return match (true) {
            !$asked => '',
            null === $until => Say::it('proof.no_date'),
            $until < $day => Say::it('proof.runs_out', Say::day(new \DateTimeImmutable($until))),
            default => '',
        };
    }
}
