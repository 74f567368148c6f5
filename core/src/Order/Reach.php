<?php

/** Which work comes after which, however far: kept as bits, so that a wish can be held against all others at once. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final class Reach
{
    /** @var array<string, int> */
    private array $bit = [];

    /** @var array<string, int> bits of everything after */
    private array $after = [];

    /** @param list<string> $nodes */
    public function __construct(array $nodes)
    {
        foreach ($nodes as $i => $node) {
            $this->bit[$node] = 1 << $i;
            $this->after[$node] = 0;
        }
    }

    public function leads(string $from, string $to): bool
    {
        return 0 !== ($this->after[$from] & $this->bit[$to]);
    }

    public function add(Edge $edge): void
    {
        $gained = $this->bit[$edge->after] | $this->after[$edge->after];
        $before = $this->bit[$edge->before];
        foreach ($this->after as $node => $bits) {
            if ($node === $edge->before || 0 !== ($bits & $before)) {
                $this->after[$node] = $bits | $gained;
            }
        }
    }
}
