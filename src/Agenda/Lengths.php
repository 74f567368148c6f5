<?php

/** How long booked visits are: reckoned once for a card as it is, a kind of visit; plans are read for what is new. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use Psr\Cache\CacheItemInterface;
use Psr\Cache\CacheItemPoolInterface;

final readonly class Lengths
{
    private const KEPT_S = 86_400;
    /** Minutes where nobody has weighed the dog. */
    public const USUAL = 60;

    public function __construct(
        private Plans $plans,
        private WorkOrder $order,
        private CacheItemPoolInterface $cache,
    ) {
    }

    /**
     * @param list<Booking> $booked
     *
     * @return array<string, Minutes|null> by key; null: nobody has weighed the dog
     */
    public function of(Actor $actor, array $booked): array
    {
        [$known, $new] = $this->kept(array_map(self::keyOf(...), $booked));
        $dogs = [];
        foreach ($booked as $b) {
            if (isset($new[self::keyOf($b)])) {
                $dogs[(string) $b->dog->id] = $b->dog;
            }
        }
        $plans = $this->plans->ofDogs($actor, array_values($dogs));
        foreach ($booked as $b) {
            $key = self::keyOf($b);
            $item = $new[$key] ?? null;
            if (null === $item || \array_key_exists($key, $known)) {
                continue;
            }
            $known[$key] = $this->order->minutes(
                $b->dog,
                Plans::recipes($plans[(string) $b->dog->id] ?? []),
                null,
                self::kind($b->kind),
                washed: $b->washed,
            );
            $this->cache->save($item->set($known[$key])->expiresAfter(self::KEPT_S));
        }

        return $known;
    }

    /**
     * @param list<string> $keys
     *
     * @return array{array<string, Minutes|null>, array<string, CacheItemInterface>} what is reckoned, and what is not
     */
    public function kept(array $keys): array
    {
        $known = $new = [];
        foreach ($this->cache->getItems(array_values(array_unique($keys))) as $item) {
            \assert($item instanceof CacheItemInterface);
            if ($item->isHit()) {
                $minutes = $item->get();
                $known[$item->getKey()] = $minutes instanceof Minutes ? $minutes : null;
            } else {
                $new[$item->getKey()] = $item;
            }
        }

        return [$known, $new];
    }

    public static function keyOf(Booking $b): string
    {
        return self::key((string) $b->dog->id, $b->dog->cardVersion, $b->kind, $b->washed);
    }

    /** All that the minutes hang on. */
    public static function key(string $dog, int $cardVersion, string $kind, bool $washed): string
    {
        return "minutes.$dog.$cardVersion.".self::kind($kind)->value.($washed ? '-washed' : '');
    }

    private static function kind(string $kind): Service
    {
        return Service::tryFrom($kind) ?? Service::Full;
    }
}
