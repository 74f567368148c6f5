<?php

/** How far a day is laid out: what has begun so far, in the order of its begins. */

declare(strict_types=1);

namespace KeenThistle\Core\Day;

final class State
{
    /** @var array<int, int> each job's next task */
    public array $next;
    /** @var array<int, int> tick from which each job is free */
    public array $free;
    /** @var array<int, int> tick from which each person is free */
    public array $person;
    /** @var array<int, int> tick from which each unit is free */
    public array $unit;
    /** @var array<int, int> ticks of stripping by person */
    public array $strip;
    /** @var array<int, array<int, true>> heavy dogs by person */
    public array $heavy;
    /** Begin of what was placed last. */
    public int $last = 0;
    /** How many of the tasks that stay are placed. */
    public int $kept = 0;
    /** Overtime, in ticks. */
    public int $over = 0;
    /** For what is moved from the plan before, and for what is left out. */
    public int $extra = 0;
    /** What it costs at least, in ticks. */
    public int $bound = 0;
    /** What of it can change no more. */
    public int $settled = 0;
    /** @var list<int> the ticks that what is left hangs on, none before the last begin */
    public array $from = [];
    /** @var array<int, true> jobs that have no place */
    public array $out = [];
    /** @var list{self, int, int, int, int, int, int, int}|null before, job, task, person, helper, unit, from, to */
    public ?array $step = null;

    /** @return list<array{int, int, int, int, int, int, int}> job, task, person, helper, unit, from, to */
    public function steps(): array
    {
        $out = [];
        for ($s = $this; null !== $s->step; $s = $s->step[0]) {
            $out[] = \array_slice($s->step, 1);
        }

        return array_reverse($out);
    }

    /** As far along, and nothing of it later or dearer: whatever the other can become, this can too. */
    public function isNoWorseThan(self $other): bool
    {
        if ($this->settled > $other->settled) {
            return false;
        }
        foreach ($this->from as $i => $tick) {
            if ($tick > $other->from[$i]) {
                return false;
            }
        }

        return true;
    }

    /** What two that are as far along have in common. */
    public function key(): string
    {
        return implode(',', $this->next);
    }
}
