<?php

/** One phase where the plan has put it. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Placed
{
    /**
     * @param int $phase its number in the job, from 0
     * @param int|null $unit number of the station, from 1; null: no station
     * @param string|null $helper who lifts along for the first minutes
     */
    public function __construct(
        public Job $job,
        public int $phase,
        public int $from,
        public int $to,
        public ?string $person,
        public ?int $unit,
        public ?string $helper = null,
        public bool $begun = false,
    ) {
    }

    public function task(): Task
    {
        return $this->job->tasks[$this->phase];
    }
}
