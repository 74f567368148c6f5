<?php

/** What a day is made of: dogs, people, stations. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Day
{
    /** A tick is half a minute: the least that is given to a dog to settle. */
    public const TICKS = 2;

    /**
     * @param list<Job> $jobs
     * @param list<Worker> $people
     * @param array<string, int> $stations how many of each kind
     * @param int $lifts how many of the tables lift
     * @param int $now tick before which nothing more can begin
     * @param array<string, array{int, string|null}> $before earlier plan: "job phase" => begin and person
     */
    public function __construct(
        public array $jobs,
        public array $people,
        public array $stations,
        public int $lifts = 0,
        public int $now = 0,
        public array $before = [],
    ) {
    }

    /** @param list<Job> $jobs */
    public function with(array $jobs): self
    {
        return new self($jobs, $this->people, $this->stations, $this->lifts, $this->now, $this->before);
    }

    /** @param list<string> $ids */
    public function without(array $ids): self
    {
        return $this->with(
            array_values(array_filter($this->jobs, static fn (Job $j): bool => !\in_array($j->id, $ids, true))),
        );
    }

    /** Whether it asks for more work than all who are there have time for, overtime and all: no order of it fits. */
    public function isTooMuch(): bool
    {
        $asked = 0;
        foreach ($this->jobs as $job) {
            foreach ($job->tasks as $task) {
                $asked += [] === $job->started && $task->attended ? $task->ticks : 0;
            }
        }
        $there = 0;
        foreach ($this->people as $person) {
            $there += max(0, $person->to + Board::OVERTIME - max($person->from, $this->now));
            foreach ($person->breaks as [$from, $to]) {
                $there -= max(0, min($to, $person->to) - max($from, $person->from, $this->now));
            }
        }

        return $asked > $there;
    }
}
