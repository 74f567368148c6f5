<?php

/** One phase of one dog's visit, as the day has to place it. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Task
{
    /**
     * @param string $phase its name, as the visit's phases are called
     * @param int $ticks half minutes, more than 0
     * @param bool $attended whether it takes a person all the time
     * @param string $skill that the person must have; empty: anybody's
     * @param bool $drying what dries is not waiting
     * @param bool $heated a heated dryer: never on a dog left alone
     */
    public function __construct(
        public string $phase,
        public int $ticks,
        public StationKind $station = StationKind::None,
        public bool $attended = true,
        public string $skill = '',
        public bool $drying = false,
        public bool $heated = false,
    ) {
    }

    public function isStripping(): bool
    {
        return 'strip' === $this->phase;
    }

    public function withSomebody(): self
    {
        return new self(
            $this->phase,
            $this->ticks,
            $this->station,
            true,
            $this->skill,
            $this->drying,
            $this->heated,
        );
    }
}
