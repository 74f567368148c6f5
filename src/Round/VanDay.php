<?php

/** A van on a day as the rule takes it: its set-up, its hours, and as the day goes on where it is with what is left. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Agenda\Crew;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\Pause;
use KeenThistle\Core\Round\Refill;
use KeenThistle\Core\Round\Van;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Staff;

final readonly class VanDay
{
    private const HOURS = ['08:00', '17:00'];

    /** @param Staff|null $person who drives it that day; null: nobody works */
    private function __construct(
        public Place $place,
        public Van $van,
        public ?Staff $person,
        public int $early,
        public int $late,
    ) {
    }

    /** @param list<Staff> $staff of the salon */
    public static function of(Place $van, array $staff, \DateTimeImmutable $day): self
    {
        $crew = Crew::of($van, $staff, $day);
        $worker = $crew->workers[0] ?? null;
        $set = $van->round;

        return new self(
            $van,
            new Van(
                $set['base'] ?? '',
                null === $worker ? Clock::minutes(self::HOURS[0]) : intdiv($worker->from, Day::TICKS),
                null === $worker ? Clock::minutes(self::HOURS[1]) : intdiv($worker->to, Day::TICKS),
                (float) ($set['tank'] ?? 0.0),
                (float) ($set['battery'] ?? 0.0),
                array_map(
                    static fn (array $r): Refill => new Refill($r['at'], $r['water'], $r['power'], $r['minutes']),
                    $set['refills'] ?? [],
                ),
                pauses: array_map(
                    static fn (array $b): Pause => new Pause($b[0], $b[1]),
                    $worker?->breakMinutes() ?? [],
                ),
            ),
            $crew->staff[0] ?? null,
            $set['early'] ?? 15,
            $set['late'] ?? 30,
        );
    }

    public function isSetUp(): bool
    {
        return '' !== $this->van->base;
    }

    /**
     * The same in the middle of the day.
     *
     * @param list<HomeStop> $begun stops that are done or under way, by the time told
     * @param int $now minutes from midnight
     * @param int $behind minutes that it is behind
     * @param float|null $water litres left, where somebody looked; null: as reckoned
     * @param float|null $power minutes left, the same
     */
    public function goingOn(array $begun, int $now, int $behind, ?float $water, ?float $power): Van
    {
        $van = $this->van;
        $last = end($begun);
        $litres = array_sum(array_map(static fn (HomeStop $s): float => $s->litres(), $begun));
        $minutes = array_sum(array_map(static fn (HomeStop $s): float => $s->powerMinutes(), $begun));
        $free = max($van->starts, $now);
        if (false !== $last && 'at_work' === $last->state()) {
            // It was begun at the time told, or is begun now: the rest of it is still to be done.
            $free = max($now, min($now, $last->told()) + $last->left());
        }

        return new Van(
            $van->base,
            $free + $behind,
            $van->ends,
            $van->tank,
            $van->battery,
            $van->refills,
            false === $last || '' === $last->home->spot ? null : $last->home->spot,
            min($van->tank, $water ?? max(0.0, $van->tank - $litres)),
            min($van->battery, $power ?? max(0.0, $van->battery - $minutes)),
            $van->pauses,
        );
    }
}
