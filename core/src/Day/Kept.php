<?php

/** What stays of a day while some of its dogs are laid out anew: in this order, with these people. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final readonly class Kept
{
    public const ANYBODY = -2;

    /** @var array<int, array<int, array{int, int}>> place in the order, and person, by job and task */
    public array $tasks;

    /**
     * @param list<array{int, int, int, int, int, int, int}> $steps of the day as it is
     * @param list<int> $loose jobs that may go anywhere
     * @param bool $anybody only the order stays, not who does it
     */
    public function __construct(array $steps, array $loose, bool $anybody = false)
    {
        $tasks = [];
        $n = 0;
        foreach ($steps as [$job, $task, $person]) {
            if (!\in_array($job, $loose, true)) {
                $tasks[$job][$task] = [$n++, $anybody ? self::ANYBODY : $person];
            }
        }
        $this->tasks = $tasks;
    }
}
