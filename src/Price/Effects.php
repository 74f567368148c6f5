<?php

/** Reckons what a price list does to what is booked: each visit as it is planned, before and after. */

declare(strict_types=1);

namespace KeenThistle\Price;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\PriceList;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Effects
{
    private const SHOWN = 100;
    /** More visits than a salon has ahead; the rest is not reckoned. */
    private const MOST = 2000;

    public function __construct(
        private Scope $scope,
        private Plans $plans,
        private WorkOrder $order,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @param string|null $instead of this list, where one that is coming is changed */
    public function of(Actor $actor, PricesForm $form, ?string $instead = null): EffectView
    {
        $salon = $this->scope->salon($actor);
        $draft = new PriceList(Uuid::v7(), $salon, $form->begins);
        $form->onto($draft);
        $ends = $this->ends($salon->prices->toArray(), $form->begins, $instead);
        $booked = $this->booked($actor, $form->begins, $ends);
        $plans = $this->plans->ofDogs($actor, self::dogs($booked));
        $rows = [];
        $unknown = $before = $after = 0;
        foreach ($booked as $b) {
            $plan = Plans::recipes($plans[(string) $b->dog->id] ?? []);
            $kind = Service::tryFrom($b->kind) ?? Service::Full;
            $price = fn (PriceList $list): ?int => $this->order->minutes(
                $b->dog,
                $plan,
                null,
                $kind,
                $list,
                $b->washed,
            )?->price;
            [$old, $new] = [$price($salon->pricesOn($b->day)), $price($draft)];
            if (null === $old || null === $new) {
                ++$unknown;
                continue;
            }
            $before += $old;
            $after += $new;
            if ($old !== $new) {
                $rows[] = [
                    'booking' => (string) $b->id,
                    'dog' => (string) $b->dog->id,
                    'name' => $b->dog->name,
                    'day' => $b->day->format('Y-m-d'),
                    'time' => $b->time,
                    'kind' => $b->kind,
                    'before_minor' => $old,
                    'after_minor' => $new,
                ];
            }
        }

        return new EffectView(
            \array_slice($rows, 0, self::SHOWN),
            \count($booked),
            \count($rows),
            $unknown,
            $before,
            $after,
        );
    }

    /** @param array<PriceList> $lists */
    private function ends(array $lists, \DateTimeImmutable $begins, ?string $instead): ?\DateTimeImmutable
    {
        $later = array_filter(
            $lists,
            static fn (PriceList $l): bool => $l->begins->format('Y-m-d') > $begins->format('Y-m-d')
                && (string) $l->id !== $instead,
        );

        $days = array_map(static fn (PriceList $l): \DateTimeImmutable => $l->begins, $later);

        return [] === $days ? null : min($days);
    }

    /** @return list<Booking> soonest first */
    private function booked(Actor $actor, \DateTimeImmutable $from, ?\DateTimeImmutable $ends): array
    {
        $this->scope->apply($actor, $this->manager);
        $query = $this->manager
            ->createQuery(
                'SELECT b, d FROM '.
                    Booking::class.
                    ' b JOIN b.dog d '.
                    "WHERE b.salon = :salon AND b.day >= :from AND b.day < :ends AND b.state = 'booked' ".
                    'ORDER BY b.day, b.time, b.id',
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('from', $from, 'date_immutable')
            ->setParameter('ends', $ends ?? $from->modify('+5 years'), 'date_immutable')
            ->setMaxResults(self::MOST);
        /** @var list<Booking> $booked */
        $booked = $query->getResult();

        return $booked;
    }

    /**
     * @param list<Booking> $booked
     *
     * @return list<Dog>
     */
    private static function dogs(array $booked): array
    {
        $dogs = [];
        foreach ($booked as $b) {
            $dogs[(string) $b->dog->id] = $b->dog;
        }

        return array_values($dogs);
    }
}
