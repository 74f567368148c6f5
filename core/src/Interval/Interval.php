<?php

/** The answer of the interval rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Interval
{
    /** @var int|null whole weeks to the next full groom; null where no clock of the coat asks for one */
    public ?int $full;
    public ?int $bath;
    public ?int $tidy;
    public ?int $nails;
    /** The clock that decided the full groom, or the bath where there is none. */
    public string $binding;

    /** @var list<Clock> */
    public array $clocks;

    /**
     * @param bool $combOut the bath visit is combed through without shampoo
     * @param float|null $fringe weeks until the fringe reaches the eye
     * @param list<Reason> $reasons
     * @param list<Caution> $advice
     */
    public function __construct(
        public Recommended $visits,
        public ?Next $next,
        public bool $combOut,
        public ?float $fringe,
        public array $reasons,
        public array $advice,
        public ?WishAnswer $wish,
    ) {
        $this->full = $visits->full;
        $this->bath = $visits->bath;
        $this->tidy = $visits->tidy;
        $this->nails = $visits->nails;
        $this->binding = $visits->binding->name ?? 'bath';
        $this->clocks = $visits->clocks;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'full_weeks' => $this->full,
            'bath_weeks' => $this->bath,
            'tidy_weeks' => $this->tidy,
            'nails_weeks' => $this->nails,
            'binding' => $this->binding,
            'clocks' => array_map(static fn (Clock $c): array => $c->toArray(), $this->clocks),
            'next' => $this->next?->toArray(),
            'bath_is_a_comb_out' => $this->combOut,
            'fringe_at_the_eye_weeks' => null === $this->fringe ? null : round($this->fringe, 1),
            'reasons' => Reason::listToArray($this->reasons),
            'warnings' => Caution::listToArray($this->advice),
            'wish' => $this->wish?->toArray(),
        ];
    }
}
