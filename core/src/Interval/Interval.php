<?php

/** The answer of the interval rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Interval
{
    /**
     * @param int|null $full whole weeks to the next full groom; null where no clock of the coat asks for one
     * @param string $binding the clock that decides
     * @param list<Clock> $clocks
     * @param list<Reason> $reasons
     * @param list<Caution> $advice
     */
    public function __construct(
        public ?int $full,
        public string $binding,
        public array $clocks,
        public ?int $tidy,
        public array $reasons,
        public array $advice,
        public ?WishAnswer $wish,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'full_weeks' => $this->full,
            'binding' => $this->binding,
            'clocks' => array_map(static fn (Clock $c): array => $c->toArray(), $this->clocks),
            'tidy_weeks' => $this->tidy,
            'reasons' => Reason::listToArray($this->reasons),
            'warnings' => Caution::listToArray($this->advice),
            'wish' => $this->wish?->toArray(),
        ];
    }
}
