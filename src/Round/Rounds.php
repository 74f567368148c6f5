<?php

/** Orders rounds, the same round once: what it was made of is what it is kept by. */

declare(strict_types=1);

namespace KeenThistle\Round;

use KeenThistle\Core\Round\Round;
use KeenThistle\Core\Round\RoundRule;
use KeenThistle\Core\Round\Stop;
use KeenThistle\Core\Round\Van;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Cache\ItemInterface;

final readonly class Rounds
{
    private const KEPT_S = 3600;

    public function __construct(private CacheInterface $cache)
    {
    }

    /** @param list<Stop> $stops */
    public function of(Van $van, RoadDay $roads, array $stops, bool $asGiven = false): Round
    {
        $key = 'round-'.hash('xxh128', serialize([$van, $roads, $stops, $asGiven]));
        $round = $this->cache->get($key, static function (ItemInterface $item) use (
            $van,
            $roads,
            $stops,
            $asGiven,
        ): Round {
            $item->expiresAfter(self::KEPT_S);

            return RoundRule::of($van, $roads->roads(), $stops, $asGiven);
        });
        \assert($round instanceof Round);

        return $round;
    }
}
