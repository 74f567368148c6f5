<?php

/** Lays days out, the same day once: what it was made of is what it is kept by. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\DayPlan;
use KeenThistle\Core\Day\DayRule;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class LaidOut
{
    private const KEPT_S = 3600;

    public function __construct(private CacheInterface $cache)
    {
    }

    /**
     * @param \Closure(): array<int, Day>|null $later the days after it by how many after, asked only where something
     *                                                does not fit; null: they are empty, with the same hours
     */
    public function plan(Day $day, ?\Closure $later = null): DayPlan
    {
        if ([] === $day->jobs) {
            return (new DayRule())->plan($day);
        }
        $plan = $this->kept($day, []);
        if ([] === $plan->unfit || null === $later) {
            return $plan;
        }

        return $this->kept($day, $later());
    }

    /** @param array<int, Day> $later */
    private function kept(Day $day, array $later): DayPlan
    {
        $key = 'day-'.hash('xxh128', serialize([$day, $later]));
        $plan = $this->cache->get($key, static function (ItemInterface $item) use ($day, $later): DayPlan {
            $item->expiresAfter(self::KEPT_S);

            return (new DayRule())->plan(
                $day,
                [] === $later ? null : static fn (int $n): ?Day => $later[$n] ?? null,
            );
        });
        \assert($plan instanceof DayPlan);

        return $plan;
    }
}
