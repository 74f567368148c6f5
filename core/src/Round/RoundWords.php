<?php

/** What an owner reads when the van comes at another time than they were told. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

use KeenThistle\Core\Say\Say;

final class RoundWords
{
    /** Nobody is written to for less. */
    public const WORTH_SAYING = 10;
    private const STEP = 5;

    private function __construct()
    {
    }

    /** The time that is said for one that was reckoned: whole five minutes, never before it. */
    public static function said(int $minutes): int
    {
        return self::STEP * (int) ceil($minutes / self::STEP);
    }

    /**
     * Between the first and the last moment that the owner was told of nothing need be said.
     *
     * @param int $from minutes from midnight
     * @param int $to the same
     * @param int $now when the van comes, the same
     */
    public static function isWorthSaying(int $from, int $to, int $now): bool
    {
        return $from - $now >= self::WORTH_SAYING || $now - $to >= self::WORTH_SAYING;
    }

    /**
     * @param list<string> $dogs of one home
     * @param \DateTimeImmutable|null $day null: today
     */
    public static function message(array $dogs, int $was, int $now, ?\DateTimeImmutable $day): string
    {
        $last = array_pop($dogs);
        $names = [] === $dogs ? (string) $last : implode(', ', $dogs).' '.Say::it('round.and').' '.$last;
        $times = [$names, Clock::time($now), Clock::time($was)];
        if (null !== $day) {
            return Say::it('round.another_time', $names, Say::day($day), Clock::time($now), Clock::time($was));
        }

        return $now > $was ? Say::it('round.running_late', ...$times) : Say::it('round.sooner', ...$times);
    }

    public static function notOnTheMap(string $spot): string
    {
        return Say::it('round.not_on_the_map', $spot);
    }

    public static function fillsNothing(): string
    {
        return Say::it('round.fills_nothing');
    }

    public static function mustBeATime(): string
    {
        return Say::it('round.must_be_a_time');
    }

    public static function mustBeAfterFrom(): string
    {
        return Say::it('round.must_be_after_from');
    }

    public static function mustBeToCome(): string
    {
        return Say::it('round.must_be_to_come');
    }

    public static function notWeighed(string $dog): string
    {
        return Say::it('round.not_weighed', $dog);
    }

    public static function notOnItsMap(): string
    {
        return Say::it('round.not_on_its_map');
    }

    public static function afterTheDay(int $ends): string
    {
        return Say::it('round.after_the_day', Clock::time($ends));
    }

    public static function tooMany(): string
    {
        return Say::it('round.too_many');
    }

    public static function notAllInADay(): string
    {
        return Say::it('round.not_all_in_a_day');
    }

    public static function nobodyWorks(): string
    {
        return Say::it('round.nobody_works');
    }

    public static function neverAlone(): string
    {
        return Say::it('round.never_alone');
    }
}
