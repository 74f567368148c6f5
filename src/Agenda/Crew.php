<?php

/** Who works at a place on a day, when, and at how many stations. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\VisitTasks;
use KeenThistle\Core\Day\Worker;
use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Staff;

final readonly class Crew
{
    /** Where a salon has not said its hours. */
    private const HOURS = ['09:00', '17:30'];

    /**
     * @param list<Staff> $staff who are there
     * @param list<Worker> $workers the same
     * @param array<string, int> $stations
     * @param bool $said whether the salon has said what stations there are
     */
    private function __construct(
        public Place $place,
        public array $staff,
        public array $workers,
        public array $stations,
        public int $lifts,
        public bool $said,
    ) {
    }

    /** @param list<Staff> $all of the salon */
    public static function of(Place $place, array $all, \DateTimeImmutable $day): self
    {
        $staff = $workers = [];
        foreach ('' === $place->opening()->whyNot($day) ? $all : [] as $person) {
            if ($person->place === $place && self::grooms($person) && '' === $person->opening()->whyNot($day)) {
                $open = $place->opening()->on($day);
                [$from, $to] = $person->opening()->on($day) ?? $open ?? self::HOURS;
                // Nobody works where it is closed.
                [$from, $to] = null === $open ? [$from, $to] : [max($from, $open[0]), min($to, $open[1])];
                if ($from >= $to) {
                    continue;
                }
                $staff[] = $person;
                $workers[] = new Worker(
                    (string) $person->id,
                    self::tick($from),
                    self::tick($to),
                    '' === $person->breakFrom
                        ? []
                        : [[self::tick($person->breakFrom), self::tick($person->breakTo)]],
                    skills: self::skills($person),
                    heavyMost: $person->heavyMost,
                    stripMost: null === $person->stripMost ? null : $person->stripMost * Day::TICKS,
                );
            }
        }
        $s = $place->stations;
        $hands = max(1, \count($staff));

        return new self(
            $place,
            $staff,
            $workers,
            [
                'tub' => $s['tubs'] ?? 1,
                'dryer' => $s['dryers'] ?? $hands,
                'table' => $s['tables'] ?? $hands,
                'pen' => $s['pens'] ?? 2,
            ],
            true === ($s['lift'] ?? false) ? 1 : 0,
            [] !== $s,
        );
    }

    /**
     * @param list<self> $crews
     *
     * @return int which of them it is; of no place, the first room where somebody works
     */
    public static function at(array $crews, ?Place $place): int
    {
        foreach ($crews as $i => $crew) {
            if ($crew->place === $place) {
                return $i;
            }
        }
        foreach ($crews as $i => $crew) {
            if ('room' === $crew->place->kind && [] !== $crew->workers) {
                return $i;
            }
        }

        return 0;
    }

    /** Minutes of all who are there. */
    public function minutes(): int
    {
        return array_sum(array_map(
            static fn (Worker $w): int => intdiv($w->to - $w->from, Day::TICKS)
                - array_sum(array_map(static fn (array $b): int => $b[1] - $b[0], $w->breakMinutes())),
            $this->workers,
        ));
    }

    /** Who is asked for at the table, as a skill of their own; empty: nobody is, or they do not groom. */
    public static function asGroomer(Staff $person): string
    {
        return self::washesOnly($person) || !self::grooms($person) ? '' : "with $person->id";
    }

    /** Whether a task is not one that they are said not to do. */
    public static function does(Staff $person, string $task): bool
    {
        return 0 !== ($person->skills[$task] ?? null);
    }

    private static function washesOnly(Staff $person): bool
    {
        return null !== (new SkillCheck())->refuses($person->role->value, Service::Full, null);
    }

    /** "HH:MM" of minutes from midnight; after it, as people say it of a late evening: 24:10. */
    public static function time(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }

    public static function tick(string $time): int
    {
        return (60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2)) * Day::TICKS;
    }

    private static function grooms(Staff $person): bool
    {
        // Nobody is given what their role does not do by itself.
        return $person->active && null === (new SkillCheck())->refuses($person->role->value, Service::Bath, null);
    }

    /** @return list<string> */
    private static function skills(Staff $person): array
    {
        $can = [VisitTasks::WASH => self::does($person, 'bath') && self::does($person, 'dry')];
        if (!self::washesOnly($person)) {
            $cuts = self::does($person, 'clip') || self::does($person, 'scissor');
            $can += [VisitTasks::GROOM => $cuts, self::asGroomer($person) => $cuts];
            $can[VisitTasks::STRIP] = self::does($person, 'strip');
        }

        return array_keys(array_filter($can));
    }
}
