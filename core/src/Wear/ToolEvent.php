<?php

/** One entry of a tool's life: it ran, or was oiled, disinfected, sharpened. */

declare(strict_types=1);

namespace KeenThistle\Core\Wear;

use KeenThistle\Core\Coat\CoatType;

final readonly class ToolEvent
{
    public const KINDS = ['run', 'oiled', 'disinfected', 'sharpened', 'packed_hair', 'edge_dull', 'edge_good', 'heat'];
    /** How much faster than clean hair dirt blunts. */
    public const DIRT = ['dirty' => 2.0, 'undercoat' => 1.3, 'clean' => 1.0];

    /**
     * @param string $dog whose hair it cut; "" where nobody said
     * @param float|null $celsius of a heat reading
     */
    public function __construct(
        public string $kind,
        public \DateTimeImmutable $on,
        public float $minutes = 0.0,
        public string $dirt = 'clean',
        public string $dog = '',
        public ?float $celsius = null,
    ) {
    }

    /** What a blade meets: dirt before the wash, undercoat on a double coat, clean hair else. */
    public static function dirtOf(CoatType $coat, bool $washed): string
    {
        return match (true) {
            !$washed => 'dirty',
            $coat->isDouble() => 'undercoat',
            default => 'clean',
        };
    }

    public function worn(): float
    {
        return 'run' === $this->kind ? $this->minutes * self::DIRT[$this->dirt] : 0.0;
    }
}
