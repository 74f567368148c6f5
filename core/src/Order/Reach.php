<?php

/** Which steps come after which, however far: kept as bits, so that a wish can be held against all others at once. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

final class Reach
{
    /** @var array<string, int> */
    private array $bit = [];

    /** @var array<string, int> bits of everything after a step */
    private array $after = [];

    public function __construct()
    {
        foreach (Step::cases() as $i => $step) {
            $this->bit[$step->value] = 1 << $i;
            $this->after[$step->value] = 0;
        }
    }

    public function leads(Step $from, Step $to): bool
    {
        return 0 !== ($this->after[$from->value] & $this->bit[$to->value]);
    }

    public function add(Edge $edge): void
    {
        $gained = $this->bit[$edge->after->value] | $this->after[$edge->after->value];
        $before = $this->bit[$edge->before->value];
        foreach ($this->after as $step => $bits) {
            if ($step === $edge->before->value || 0 !== ($bits & $before)) {
                $this->after[$step] = $bits | $gained;
            }
        }
    }
}
