<?php

/** A round: the best order of a day's stops, or which of them cannot be in it and why. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Round
{
    /**
     * @param list<Call> $calls in their order, refills among them; empty where no order holds
     * @param int $back minutes since midnight when the van is home
     * @param int $cost 10 × minutes late + 5 × minutes of overtime + minutes driven, waited and refilled
     * @param array<string, string> $breaks by stop, why it breaks the round
     */
    public function __construct(
        public array $calls,
        public int $back,
        public int $late,
        public int $overtime,
        public int $cost,
        public array $breaks,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $breaks = [];
        foreach ($this->breaks as $stop => $why) {
            $breaks[] = ['stop' => (string) $stop, 'why' => $why];
        }

        return [
            'calls' => array_map(static fn (Call $c): array => $c->toArray(), $this->calls),
            'back' => [] === $this->calls ? null : Clock::time($this->back),
            'late_minutes' => $this->late,
            'overtime_minutes' => $this->overtime,
            'cost' => $this->cost,
            'breaks' => $breaks,
        ];
    }
}
