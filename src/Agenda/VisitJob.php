<?php

/** A visit as the day is laid out with: what it takes, when it comes, what it was promised, what its dog asks for. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dog;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Staff\Staff;

final readonly class VisitJob
{
    /** Minutes in which a dog settles. */
    private const SETTLE = 1;

    private function __construct()
    {
    }

    /**
     * @param int $arrives tick
     * @param int|null $promised tick; null: once the minutes that are allowed are over
     */
    public static function of(
        string $id,
        Dog $dog,
        Minutes $minutes,
        Service $kind,
        ?Staff $with,
        int $arrives,
        ?int $promised,
    ): Job {
        return new Job(
            $id,
            $arrives,
            $promised ?? $arrives + $minutes->slot * Day::TICKS,
            VisitTasks::of(
                $minutes,
                $kind,
                groomer: null === $with ? '' : Crew::asGroomer($with),
                strips: null === $with || Crew::does($with, 'strip'),
            ),
            self::SETTLE,
            (string) $dog->household->id,
            heavy: ($dog->kg ?? 0.0) > $dog->salon->liftKg,
            neverAlone: StandingCautions::standing($dog)->isWatchedWhileDrying(),
        );
    }

    /** The tick by which its owner was told it is ready. */
    public static function promised(Booking $b, Minutes $minutes): int
    {
        return '' === $b->promised ? Crew::tick($b->time) + $minutes->slot * Day::TICKS : Crew::tick($b->promised);
    }
}
