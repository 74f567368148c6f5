<?php

/** One dog of a day: when it comes, when it was promised, what is done in which order. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Job
{
    /**
     * @param int $arrives tick of the day
     * @param int $promised the tick by which the owner was told it would be ready
     * @param int $settle ticks from its arrival to the first thing that is done
     * @param list<Task> $tasks in their order
     * @param string $home dogs of one home come on one day or on none; empty: nobody's
     * @param list<string>|null $able who may have it; null: everybody
     * @param bool $heavy over what the salon lets one person lift
     * @param bool $neverAlone short-faced, old, ill or flagged: somebody stays while it dries
     * @param list<Done> $started of its tasks, the first ones
     */
    public function __construct(
        public string $id,
        public int $arrives,
        public int $promised,
        public array $tasks,
        public int $settle = 0,
        public string $home = '',
        public ?array $able = null,
        public bool $heavy = false,
        public bool $neverAlone = false,
        public array $started = [],
    ) {
    }
}
