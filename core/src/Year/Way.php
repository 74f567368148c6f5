<?php

/** Visits from one week to another, and what they cost; cheaper first, then fewer, then later. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

final readonly class Way
{
    /**
     * @param int $cost scaled
     * @param int $sum of the visits' weeks
     * @param array{self, self}|null $parts two ways, one after the other
     * @param array{week: int, kind: string}|null $visit its only visit
     */
    public function __construct(
        public int $cost = 0,
        private int $count = 0,
        private int $sum = 0,
        private ?array $parts = null,
        private ?array $visit = null,
    ) {
    }

    private function and(self $other): self
    {
        if (0 === $other->count) {
            return $this;
        }

        return new self(
            $this->cost + $other->cost,
            $this->count + $other->count,
            $this->sum + $other->sum,
            [$this, $other],
        );
    }

    public function visit(int $week, string $kind, int $cost): self
    {
        return $this->and(new self($cost, 1, $week, null, ['week' => $week, 'kind' => $kind]));
    }

    /** This way and then another, or the best so far where that is as good. */
    public function andUnlessBetter(self $next, ?self $best): self
    {
        if (null !== $best) {
            $cost = $this->cost + $next->cost;
            $count = $this->count + $next->count;
            $worse = [$cost, $count] <=> [$best->cost, $best->count];
            if ($worse > 0 || (0 === $worse && $this->sum + $next->sum <= $best->sum)) {
                return $best;
            }
        }

        return $this->and($next);
    }

    /** @return list<array{week: int, kind: string}> in their order */
    public function visits(): array
    {
        if (null !== $this->visit) {
            return [$this->visit];
        }

        return null === $this->parts ? [] : [...$this->parts[0]->visits(), ...$this->parts[1]->visits()];
    }
}
