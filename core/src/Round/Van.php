<?php

/** The van: its day, its tank, its battery, and where both are filled again. */

declare(strict_types=1);

namespace KeenThistle\Core\Round;

final readonly class Van
{
    /**
     * @param string $base where it begins and ends its day
     * @param int $starts minutes since midnight
     * @param int $ends when it should be back
     * @param float $tank litres when full, as in the morning
     * @param float $battery minutes of power when full, as in the morning
     * @param list<Refill> $refills
     * @param string|null $at where it is at the start; null: at its base
     * @param float|null $water litres left at the start; null: full
     * @param float|null $power minutes left at the start; null: full
     * @param list<Pause> $pauses when whoever drives it rests, in their order, none over another
     */
    public function __construct(
        public string $base,
        public int $starts,
        public int $ends,
        public float $tank,
        public float $battery,
        public array $refills,
        public ?string $at = null,
        public ?float $water = null,
        public ?float $power = null,
        public array $pauses = [],
    ) {
    }

    /** When something is done that may be left for a pause and gone on with: a drive, a tank that fills. */
    public function done(int $begun, int $minutes): int
    {
        $done = $begun + $minutes;
        foreach ($this->pauses as $p) {
            if ($begun < $p->to && $done > $p->from) {
                $done += $p->to - max($p->from, $begun);
            }
        }

        return $done;
    }

    /** When a dog's work may begin, which is not left for a pause. */
    public function begins(int $ready, int $minutes): int
    {
        foreach ($this->pauses as $p) {
            if ($ready < $p->to && $ready + $minutes > $p->from) {
                $ready = $p->to;
            }
        }

        return $ready;
    }
}
