<?php

/** A mixed shampoo: how much of what. */

declare(strict_types=1);

namespace KeenThistle\Core\Wash;

use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;

final readonly class Mix
{
    /**
     * @param float $concentrate ml
     * @param float $water ml
     * @param list<Reason> $reasons
     * @param list<Caution> $cautions
     */
    public function __construct(
        public float $litres,
        public float $concentrate,
        public float $water,
        public array $reasons,
        public array $cautions,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'mixed_l' => round($this->litres, 2),
            'concentrate_ml' => $this->concentrate,
            'water_ml' => $this->water,
            'reasons' => Reason::listToArray($this->reasons),
            'warnings' => Caution::listToArray($this->cautions),
        ];
    }
}
