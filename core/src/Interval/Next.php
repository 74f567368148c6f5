<?php

/** The next visit: when, what for, and why, said in one sentence. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Timing\Work;

final readonly class Next
{
    private const EPSILON = 1e-9;

    /**
     * @param int $weeks from today
     * @param list<string> $because the clocks that are due then
     * @param float|null $minutes half of such visits keep; null where the weight is not known
     * @param int|null $full weeks from today to the full groom, where that is another visit
     */
    private function __construct(
        public int $weeks,
        public Service $kind,
        public array $because,
        public ?float $minutes,
        public ?int $full,
    ) {
    }

    /** Null where no clock ever asks for a visit. */
    public static function of(Recommended $visits, Facts $facts): ?self
    {
        $due = [];
        foreach ($visits->clocks as $clock) {
            if ('ears' !== $clock->name) {
                $due[$clock->name] = max(
                    0.0,
                    max($clock->weeks, (float) $visits->least($clock)) - ($facts->since[$clock->name] ?? 0.0),
                );
            }
        }
        if ([] === $due) {
            return null;
        }
        $whole = static fn (float $weeks): int => (int) floor($weeks + self::EPSILON);
        $weeks = $whole(min($due));
        $kind = Service::for(
            array_keys(array_filter($due, static fn (float $d): bool => $d <= $weeks + 1 + self::EPSILON)),
            $visits->matDecidesFull,
        );
        $leading = null === $visits->leading ? null : $due[$visits->leading->name] ?? null;

        return new self(
            $weeks,
            $kind,
            array_keys(array_filter($due, static fn (float $d): bool => $whole($d) === $weeks)),
            null === $facts->kg ? null : self::minutes($facts, $kind),
            Service::Full === $kind || null === $leading ? null : min(Recommended::LATEST, $whole($leading)),
        );
    }

    private static function minutes(Facts $facts, Service $kind): float
    {
        $zones = [];
        foreach ($facts->zones as $z) {
            $zones[$z->zone->id] = $z->method;
        }

        return (new MinutesRule())->estimate(
            new Work(
                $facts->kg ?? 0.0,
                $facts->growth->coat,
                $facts->handling,
                $kind,
                zones: \count($zones) > 1 ? $zones : null,
            ),
        )->likely;
    }

    /** "In 3 weeks, a tidy of 25 min: pads; the full groom in 7." */
    public function words(): string
    {
        $what =
            null === $this->minutes
                ? $this->kind->words()
                : Say::it('interval.of_so_many_minutes', $this->kind->words(), 5 * (int) ceil($this->minutes / 5));
        $why = implode(', ', array_map(Clock::label(...), $this->because));
        $first = match ($this->weeks) {
            0 => Say::it('interval.now', $what, $why),
            1 => Say::it('interval.in_a_week', $what, $why),
            default => Say::it('interval.in_weeks', $this->weeks, $what, $why),
        };

        return null === $this->full
            ? Say::it('interval.one_visit', $first)
            : Say::it('interval.and_the_full_groom_in', $first, $this->full);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'weeks' => $this->weeks,
            'kind' => $this->kind->value,
            'because' => $this->because,
            'minutes' => null === $this->minutes ? null : round($this->minutes, 1),
            'full_weeks' => $this->full,
            'words' => $this->words(),
        ];
    }
}
