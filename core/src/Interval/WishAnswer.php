<?php

/** What an owner's own interval would look like: kept, and answered. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;

final readonly class WishAnswer
{
    /**
     * @param list<array{clock: string, weeks: float, over_by_weeks: float}> $breaks
     * @param float|null $mattingMinutes null where the weight is not known
     * @param int|null $fee minor currency units, null where no rate is known
     * @param list<Reason> $reasons
     */
    public function __construct(
        public int $weeks,
        public array $breaks,
        public ?Length $length,
        public float $load,
        public ?float $mattingMinutes,
        public ?int $fee,
        public array $reasons,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'weeks' => $this->weeks,
            'breaks' => $this->breaks,
            'length_mm' => $this->length?->rounded(),
            'load' => round($this->load, 1),
            'matting_minutes' => null === $this->mattingMinutes ? null : round($this->mattingMinutes, 1),
            'fee_minor' => $this->fee,
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
