<?php

/** One dog of today as it is kept: booked, taken in, at the table, fetched. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use KeenThistle\Agenda\Crew;
use KeenThistle\Agenda\VisitJob;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\Done;
use KeenThistle\Core\Day\Job;
use KeenThistle\Core\Day\Task;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Table\Whereabouts;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Table\Groom;

final class OnTheFloor
{
    public ?Minutes $minutes = null;
    public ?Arrival $arrival = null;
    public ?Groom $groom = null;
    public ?Board $board = null;
    private ?Whereabouts $where = null;

    public function __construct(public readonly Dog $dog, public readonly ?Booking $booking)
    {
    }

    public function id(): string
    {
        return (string) ($this->booking->id ?? $this->arrival->id ?? $this->dog->id);
    }

    public function kind(): Service
    {
        return $this->arrival->kind ?? Service::tryFrom($this->booking->kind ?? '') ?? Service::Full;
    }

    public function stage(): string
    {
        return match (true) {
            null !== $this->arrival?->leftAt => 'gone',
            null !== $this->groom?->closedAt => 'ready',
            null === $this->groom => null === $this->arrival ? 'expected' : 'here',
            true === $this->board?->isPaused() => 'rests',
            Whereabouts::READY === $this->where()?->part => 'ready',
            default => 'table',
        };
    }

    /** Folded from its taps once. */
    public function where(): ?Whereabouts
    {
        return null === $this->groom || null === $this->board
            ? null
            : $this->where ??= Whereabouts::of($this->board, $this->groom->steps, $this->groom->openedAt);
    }

    /** Whether the day still has to find room for it. */
    public function isToDo(): bool
    {
        return null !== $this->minutes && \in_array($this->stage(), ['expected', 'here', 'table', 'rests'], true);
    }

    /** When it came; null: it has not, or nobody knows. */
    public function came(): ?\DateTimeImmutable
    {
        return $this->arrival?->cameAt;
    }

    /** The tick by which its owner was told it is ready. */
    public function promised(\DateTimeZone $zone): ?int
    {
        $came = $this->came();

        return match (true) {
            null === $this->minutes => null,
            null !== $this->booking => VisitJob::promised($this->booking, $this->minutes),
            null !== $came => self::tick($came, $zone) + $this->minutes->slot * Day::TICKS,
            default => null,
        };
    }

    /** As it was laid out this morning: nothing has begun. */
    public function planned(): ?Job
    {
        return null === $this->minutes || null === $this->booking
            ? null
            : $this->job($this->minutes, Crew::tick($this->booking->time));
    }

    /**
     * As it stands: what has begun stays as it is.
     *
     * @param array<string, string> $ids of people, by name
     */
    public function now(int $now, \DateTimeZone $zone, array $ids): ?Job
    {
        if (null === $this->minutes) {
            return null;
        }
        $came = $this->came();
        $booked = null === $this->booking ? $now : Crew::tick($this->booking->time);
        $arrives = null === $came ? max($now, $booked) : min($now, self::tick($came, $zone));
        $job = $this->job($this->minutes, $arrives);
        $where = $this->where();
        $promised = $this->promised($zone) ?? $job->promised;

        return new Job(
            $job->id,
            $arrives,
            $promised,
            $job->tasks,
            $job->settle,
            // Who is here is not sent home because the other of the home cannot be done.
            '',
            $job->able,
            $job->heavy,
            $job->neverAlone,
            null === $where || null === $this->groom
                ? []
                : self::begun($job->tasks, $where, [
                    self::tick($this->groom->openedAt, $zone),
                    self::tick($where->since, $zone),
                    $now,
                ], $ids[$this->who() ?? ''] ?? null),
        );
    }

    /** Who has it now. */
    public function who(): ?string
    {
        if (null === $this->groom) {
            return null;
        }
        $to = $this->board->handOver['to'] ?? '';

        return '' === $to ? $this->where()->who ?? $this->groom->openedBy->name : $to;
    }

    /** Minutes past the time that was told, and past when it was ready, that its owner came, or has not come. */
    public function fetchedLate(\DateTimeImmutable $now, \DateTimeZone $zone): int
    {
        $promised = $this->promised($zone);
        $where = $this->where();
        $ready = $this->groom->closedAt ?? (Whereabouts::READY === $where?->part ? $where->since : null);
        if (null === $promised || null === $ready) {
            return 0;
        }
        $told = max(self::tick($ready, $zone), $promised);

        return max(0, intdiv(self::tick($this->arrival->leftAt ?? $now, $zone) - $told, Day::TICKS));
    }

    public static function tick(\DateTimeImmutable $at, \DateTimeZone $zone): int
    {
        $local = $at->setTimezone($zone);

        return ((int) $local->format('G') * 60 + (int) $local->format('i')) * Day::TICKS;
    }

    private function job(Minutes $minutes, int $arrives): Job
    {
        return VisitJob::of(
            $this->id(),
            $this->dog,
            $minutes,
            $this->kind(),
            $this->booking?->staff,
            $arrives,
            null === $this->booking ? null : VisitJob::promised($this->booking, $minutes),
        );
    }

    /**
     * What is over lies between the begin and now in the lengths that were planned; what runs, ends as planned, or
     * with the next tick.
     *
     * @param list<Task> $tasks
     * @param array{int, int, int} $ticks it was begun, the part was, now
     *
     * @return list<Done>
     */
    private static function begun(array $tasks, Whereabouts $where, array $ticks, ?string $person): array
    {
        [$began, $since, $now] = $ticks;
        $at = array_search($where->part, array_column(array_map(
            static fn (Task $t): array => ['phase' => $t->phase],
            $tasks,
        ), 'phase'), true);
        $over = false === $at ? \count($tasks) : (int) $at;
        if (false === $at && Whereabouts::READY !== $where->part) {
            // It is somewhere the plan has no minutes for: nothing is known to be over.
            return [];
        }
        $since = max($began, min($since, $now));
        $all = array_sum(array_map(static fn (Task $t): int => $t->ticks, \array_slice($tasks, 0, $over)));
        $out = [];
        $from = $began;
        $sum = 0;
        foreach (\array_slice($tasks, 0, $over) as $task) {
            $sum += $task->ticks;
            $to = max($from, $began + (int) round((($since - $began) * $sum) / max(1, $all)));
            $out[] = new Done($from, $to, $task->attended ? $person : null);
            $from = $to;
        }
        if ($over < \count($tasks)) {
            $task = $tasks[$over];
            $out[] = new Done($since, max($now + 1, $since + $task->ticks), $task->attended ? $person : null);
        }

        return $out;
    }
}
