<?php

/** How long, how sure and how much: the answer of the minutes rule. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class Minutes
{
    /** Slots are booked by whole five minutes. */
    private const STEP = 5;

    /**
     * @param array<string, float> $phases minutes by phase, before what the dog and the day multiply them by
     * @param float $likely minutes that half of such visits keep
     * @param float $sure minutes that four of five keep
     * @param int $slot minutes to book: the sure ones rounded up to 5
     * @param list<array{label: string, minor: int}> $priceTerms
     * @param int|null $tax of the price, in it; null where the salon knows of none
     * @param list<Reason> $reasons
     * @param list<array{field: string, message: string}> $questions visits that were left out of what is learned
     * @param int $days on how many days it is offered
     * @param float $extras minutes of the likely and the sure ones that no phase holds
     */
    public function __construct(
        public array $phases,
        public float $likely,
        public float $sure,
        public int $slot,
        public float $personMinutes,
        public ?int $price,
        public array $priceTerms,
        public ?int $tax,
        public array $reasons,
        public array $questions = [],
        public int $days = 1,
        public float $extras = 0.0,
    ) {
    }

    /**
     * @return array<string, float> minutes by phase, with what the dog and the day multiply them by: they add up to
     *     the likely ones, but for extras
     */
    public function scaled(): array
    {
        $sum = array_sum($this->phases);

        $work = $this->likely - $this->extras;

        return array_map(static fn (float $m): float => round($sum > 0 ? ($m * $work) / $sum : $m, 1), $this->phases);
    }

    /** Of a dog that was washed and dried the day before: the rest of it, at its share of time and price. */
    public function withoutWash(): self
    {
        $wash = ($this->phases[Phase::Bath->value] ?? 0.0) + ($this->phases[Phase::Dry->value] ?? 0.0);
        $all = array_sum($this->phases);
        if ($wash <= 0.0 || $all <= $wash) {
            return $this;
        }
        $work = $this->likely - $this->extras;
        $left = ($work * ($all - $wash)) / $all + $this->extras;
        $share = $this->likely > 0 ? $left / $this->likely : 1.0;
        $sure = $this->sure * $share;

        return new self(
            array_diff_key($this->phases, [Phase::Bath->value => 0, Phase::Dry->value => 0]),
            $left,
            $sure,
            (int) (self::STEP * ceil($sure / self::STEP)),
            $this->personMinutes * $share,
            null === $this->price ? null : (int) round($this->price * $share),
            $this->priceTerms,
            null === $this->tax ? null : (int) round($this->tax * $share),
            [
                ...$this->reasons,
                new Reason('washed', round($left, 1), 'min', Say::it('timing.washed_the_day_before')),
            ],
            $this->questions,
            1,
            $this->extras,
        );
    }

    /** What people give to four of five such visits. */
    public function personSure(): float
    {
        return $this->likely > 0 ? ($this->personMinutes * $this->sure) / $this->likely : 0.0;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'minutes_50' => round($this->likely, 1),
            'minutes_80' => round($this->sure, 1),
            'slot_minutes' => $this->slot,
            'person_minutes' => round($this->personMinutes, 1),
            'phases' => array_map(
                static fn (string $phase, float $minutes): array => [
                    'phase' => $phase,
                    'minutes' => round($minutes, 1),
                ],
                array_keys($this->phases),
                $this->phases,
            ),
            'days' => $this->days,
            'questions' => $this->questions,
            'price_minor' => $this->price,
            'price_terms' => $this->priceTerms,
            'reasons' => Reason::listToArray($this->reasons),
        ];
    }
}
