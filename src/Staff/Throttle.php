<?php

/** Slows down guessing of passwords and PINs. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Http\Problem;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Lock\LockFactory;

/** Five failures in five minutes per person and address, forty per address; kept in the database, so that nodes agree. */
final readonly class Throttle
{
    private const WINDOW = 300;

    public function __construct(private CacheItemPoolInterface $cache, private LockFactory $locks, private ClockInterface $clock)
    {
    }

    /** @throws Problem 429 when there were too many failures lately */
    public function check(string $who, string $address): void
    {
        foreach (self::keys($who, $address) as $key => $limit) {
            $failures = $this->recent($key);
            if (\count($failures) >= $limit) {
                throw Problem::tooManyTries(max(1, $failures[0] + self::WINDOW - $this->clock->now()->getTimestamp()));
            }
        }
    }

    public function failed(string $who, string $address): void
    {
        foreach (array_keys(self::keys($who, $address)) as $key) {
            $lock = $this->locks->createLock('throttle.'.$key, 5);
            $lock->acquire(true);
            try {
                $item = $this->cache->getItem($key);
                $item->set([...$this->recent($key), $this->clock->now()->getTimestamp()])->expiresAfter(self::WINDOW);
                $this->cache->save($item);
            } finally {
                $lock->release();
            }
        }
    }

    public function succeeded(string $who, string $address): void
    {
        $this->cache->deleteItem(array_key_first(self::keys($who, $address)) ?? '');
    }

    /** @return array<string, int> key => limit */
    private static function keys(string $who, string $address): array
    {
        return ['p'.hash('xxh128', mb_strtolower($who).'|'.$address) => 5, 'a'.hash('xxh128', $address) => 40];
    }

    /** @return list<int> */
    private function recent(string $key): array
    {
        $stored = $this->cache->getItem($key)->get();
        $since = $this->clock->now()->getTimestamp() - self::WINDOW;

        return \is_array($stored) ? array_values(array_filter($stored, static fn (mixed $at): bool => \is_int($at) && $at > $since)) : [];
    }
}
