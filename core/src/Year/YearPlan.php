<?php

/** The answer of the year rule: what it costs and when, or what makes it impossible. */

declare(strict_types=1);

namespace KeenThistle\Core\Year;

use KeenThistle\Core\Reason\Reason;

final readonly class YearPlan
{
    /**
     * @param float|null $cost null: no plan keeps every clock; the reasons say why
     * @param list<array{week: int, kind: string}> $visits
     * @param list<Reason> $reasons
     */
    public function __construct(public ?float $cost, public array $visits, public array $reasons)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return (null === $this->cost ? ['impossible' => true] : ['cost' => round($this->cost, 2)]) + [
            'visits' => $this->visits,
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
