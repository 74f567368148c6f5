<?php

/** Reads what is booked on days, with dogs, homes and people, and how long each visit is. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Psr\Cache\CacheItemInterface;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Booked
{
    private const MOST = 400;
    private const KEPT_S = 86_400;
    /** Of sixty days of a large salon. */
    public const AHEAD = 3000;

    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
        private CacheItemPoolInterface $cache,
    ) {
    }

    /**
     * @param Uuid|null $but id of one that is left out: read anew it would lose what is just being changed of it
     *
     * @return list<array{Booking, Minutes|null}> by day and time; no minutes: nobody has weighed the dog
     */
    public function between(
        Actor $actor,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
        int $most = self::MOST,
        ?Uuid $but = null,
    ): array {
        $this->scope->apply($actor, $this->manager);
        $query = $this->manager
            ->createQuery(
                'SELECT b, d, s FROM '.
                    Booking::class.
                    ' b JOIN b.dog d LEFT JOIN b.staff s WHERE b.salon = :salon AND b.day >= :from AND b.day <= :to '.
                    "AND b.state = 'booked'".(null === $but ? '' : ' AND b.id <> :but').
                    ' ORDER BY b.day, b.time, b.id',
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('to', $to, 'date_immutable')
            ->setMaxResults($most);
        if (null !== $but) {
            $query->setParameter('but', $but, 'uuid');
        }
        /** @var list<Booking> $booked */
        $booked = $query->getResult();
        $known = $this->minutes($actor, $booked);

        return array_map(static fn (Booking $b): array => [$b, $known[self::key($b)]], $booked);
    }

    /**
     * How long the visits are: reckoned once for a card as it is, a kind of visit, so that plans are read for what is
     * new alone.
     *
     * @param list<Booking> $booked
     *
     * @return array<string, Minutes|null> by key
     */
    private function minutes(Actor $actor, array $booked): array
    {
        $known = $new = $dogs = [];
        $keys = array_values(array_unique(array_map(self::key(...), $booked)));
        foreach ($this->cache->getItems($keys) as $item) {
            \assert($item instanceof CacheItemInterface);
            $key = $item->getKey();
            if ($item->isHit()) {
                $minutes = $item->get();
                $known[$key] = $minutes instanceof Minutes ? $minutes : null;
            } else {
                $new[$key] = $item;
            }
        }
        foreach ($booked as $b) {
            if (isset($new[self::key($b)])) {
                $dogs[(string) $b->dog->id] = $b->dog;
            }
        }
        $plans = $this->plans->ofDogs($actor, array_values($dogs));
        foreach ($booked as $b) {
            $key = self::key($b);
            $item = $new[$key] ?? null;
            if (null === $item || \array_key_exists($key, $known)) {
                continue;
            }
            $known[$key] = $this->order->minutes(
                $b->dog,
                Plans::recipes($plans[(string) $b->dog->id] ?? []),
                null,
                self::kind($b),
                washed: $b->washed,
            );
            $this->cache->save($item->set($known[$key])->expiresAfter(self::KEPT_S));
        }

        return $known;
    }

    /** All that the minutes hang on. */
    private static function key(Booking $b): string
    {
        $kind = self::kind($b)->value.($b->washed ? '-washed' : '');

        return "minutes.{$b->dog->id}.{$b->dog->cardVersion}.$kind";
    }

    private static function kind(Booking $b): Service
    {
        return Service::tryFrom($b->kind) ?? Service::Full;
    }
}
