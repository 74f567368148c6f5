<?php

/** From clocks to visits: the full groom, the bath, the tidy and the nails in between, each in whole weeks. */

declare(strict_types=1);

namespace KeenThistle\Core\Interval;

use KeenThistle\Core\Coat\CoatType;

final readonly class Recommended
{
    public const SOONEST = 2;
    public const LATEST = 26;
    /** Mats that come this much before the outline lead it; sooner than that they ask for a bath. */
    private const LEADS_BY = 2.0;
    private const EPSILON = 1e-9;

    /** @param list<Clock> $clocks all of them */
    private function __construct(
        public array $clocks,
        public ?int $full,
        public ?int $bath,
        public ?int $tidy,
        public ?int $nails,
        public ?Clock $binding,
        public ?Clock $leading,
        public bool $matDecidesFull,
    ) {
    }

    /** @param list<Clock> $clocks */
    public static function of(array $clocks, CoatType $coat): self
    {
        $by = [];
        foreach ($clocks as $clock) {
            $by[$clock->name] = $clock;
        }
        $some = static fn (string ...$names): array => array_values(array_intersect_key($by, array_flip($names)));
        $leading = self::shortest($some('shape', 'strip'));
        $mat = $by['mat'] ?? null;
        $before = null === $leading || null === $mat ? null : $leading->weeks - $mat->weeks;
        $matDecides =
            null !== $before
            && $before > self::EPSILON
            && $before < self::LEADS_BY - self::EPSILON
            && !$coat->isDouble()
            && CoatType::Smooth !== $coat;
        $leading = $matDecides ? $mat : $leading;
        $full = null === $leading ? null : max(self::SOONEST, min(self::LATEST, $leading->wholeWeeks()));
        $bathClock = self::shortest($matDecides ? $some('bath', 'undercoat') : $some('bath', 'undercoat', 'mat'));
        $bath = self::unless($bathClock, [$full]);
        $tidy = self::unless(self::shortest($some('sanitary', 'pads', 'eyes')), [$full, $bath]);
        $nails = self::unless(self::shortest($some('nails', 'dewclaws')), [$full, $bath, $tidy]);

        return new self($clocks, $full, $bath, $tidy, $nails, $leading ?? $bathClock, $leading, $matDecides);
    }

    /** The least weeks a visit that sets this clock back may lie ahead. */
    public function least(Clock $clock): int
    {
        $full = \in_array($clock->name, ['shape', 'strip'], true) || ('mat' === $clock->name && $this->matDecidesFull);

        return $full ? self::SOONEST : 1;
    }

    /** @param list<int|null> $rest visits that come anyway */
    private static function unless(?Clock $clock, array $rest): ?int
    {
        if (null === $clock) {
            return null;
        }
        $weeks = max(1, $clock->wholeWeeks());
        foreach ($rest as $other) {
            if (null !== $other && $weeks >= $other) {
                return null;
            }
        }

        return $weeks;
    }

    /** @param list<Clock> $clocks */
    private static function shortest(array $clocks): ?Clock
    {
        $best = null;
        foreach ($clocks as $clock) {
            if (null === $best || $clock->weeks < $best->weeks) {
                $best = $clock;
            }
        }

        return $best;
    }
}
