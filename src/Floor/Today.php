<?php

/** Reads all dogs of today: booked, here, at the table, fetched. As many queries for two as for twenty. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\Booked;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Household;
use KeenThistle\Core\Table\Board;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Table\Groom;
use KeenThistle\Table\GroomRows;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Today
{
    public function __construct(
        private Scope $scope,
        private Booked $booked,
        private Plans $plans,
        private WorkOrder $order,
        private GroomRows $grooms,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<OnTheFloor> */
    public function of(Actor $actor): array
    {
        $today = $this->scope->today($actor);
        $out = $byDog = [];
        foreach ($this->booked->between($actor, $today, $today) as [$b, $minutes]) {
            $one = new OnTheFloor($b->dog, $b);
            $one->minutes = $minutes;
            $byDog[(string) $b->dog->id] ??= $one;
            $out[] = $one;
        }
        $arrived = [];
        foreach ($this->arrivals($actor, $today) as $arrival) {
            $id = (string) $arrival->dog->id;
            if (!isset($byDog[$id])) {
                $out[] = $byDog[$id] = new OnTheFloor($arrival->dog, null);
            }
            $byDog[$id]->arrival = $arrival;
            $arrived[] = $byDog[$id];
        }
        $this->withHomes($out);
        $this->withMinutes($actor, $arrived);
        $this->withGrooms($actor, $arrived);

        return $out;
    }

    /**
     * What says whether anything has changed since: changes with each booking, arrival and tap, when who asks is signed
     * in no longer or is somebody else by now, and with the minute, when people and places are read anew too.
     *
     * @param string $signIn id of the sign-in by which they ask; "": by none
     */
    public function mark(Actor $actor, string $signIn, \DateTimeImmutable $now): string
    {
        $row = $this->scope->rows(
            $actor,
            "SELECT CONCAT_WS('.',
                (SELECT CONCAT(COUNT(*), '-', SUM(CRC32(CONCAT(HEX(id), version)))) FROM booking
                    WHERE salon_id = :salon AND day = :today),
                (SELECT CONCAT(COUNT(*), '-', COALESCE(SUM(row_version + paid), 0)) FROM arrival
                    WHERE salon_id = :salon AND day = :today),
                (SELECT CONCAT(COUNT(*), '-', COALESCE(SUM(g.seq + g.version), 0)) FROM groom g
                    JOIN arrival a ON a.id = g.arrival_id WHERE a.salon_id = :salon AND a.day = :today),
                (SELECT CONCAT('in-', s.role, s.password_hash) FROM staff s JOIN sign_in i ON i.staff_id = s.id
                    WHERE s.id = :staff AND s.active = 1 AND i.id = :in AND i.ended_at IS NULL)) mark",
            [
                'today' => $this->scope->today($actor)->format('Y-m-d'),
                'staff' => $actor->staff->toBinary(),
                'in' => '' === $signIn ? '' : Uuid::fromString($signIn)->toBinary(),
            ],
        )[0] ?? [];

        return hash('xxh128', Row::text($row['mark'] ?? '').$now->format('YmdHi'));
    }

    /** What house terms ask of who came late, or has not come, for a dog of today; minor units. */
    public function lateFee(Actor $actor, Arrival $arrival): int
    {
        $today = $this->scope->today($actor);
        $one = new OnTheFloor($arrival->dog, null);
        foreach ($this->booked->between($actor, $today, $today) as [$b, $minutes]) {
            if (null === $one->booking && $b->dog === $arrival->dog) {
                $one = new OnTheFloor($arrival->dog, $b);
                $one->minutes = $minutes;
            }
        }
        $one->arrival = $arrival;
        $this->withMinutes($actor, [$one]);
        $this->withGrooms($actor, [$one]);
        $salon = $this->scope->salon($actor);
        $late = $one->fetchedLate($this->clock->now(), new \DateTimeZone($salon->timeZone));

        return $salon->pricesOn($arrival->day)->terms()->forCollectingLate($late);
    }

    public function isAtTheTable(Arrival $arrival): bool
    {
        return null !== $this->manager->getRepository(Groom::class)->findOneBy(['openFor' => $arrival->dog->id]);
    }

    /** @return list<Arrival> */
    private function arrivals(Actor $actor, \DateTimeImmutable $today): array
    {
        /** @var list<Arrival> $found */
        $found = $this->manager
            ->createQuery(
                'SELECT a, d FROM '.Arrival::class.
                    ' a JOIN a.dog d WHERE a.salon = :salon AND a.day = :today ORDER BY a.id',
            )
            ->setParameter('salon', $this->scope->salon($actor)->id, 'uuid')
            ->setParameter('today', $today, 'date_immutable')
            ->getResult();

        return $found;
    }

    /**
     * Homes and their people, in one read.
     *
     * @param list<OnTheFloor> $all
     */
    private function withHomes(array $all): void
    {
        $this->manager
            ->createQuery(
                'SELECT h, c FROM '.Household::class.' h LEFT JOIN h.clients c WHERE h.id IN (:ids) ORDER BY c.id',
            )
            ->setParameter(
                'ids',
                array_map(static fn (OnTheFloor $o): string => $o->dog->household->id->toBinary(), $all),
                ArrayParameterType::BINARY,
            )
            ->getResult();
    }

    /**
     * What was found takes its minutes.
     *
     * @param list<OnTheFloor> $arrived
     */
    private function withMinutes(Actor $actor, array $arrived): void
    {
        $plans = $this->plans->ofDogs($actor, array_map(static fn (OnTheFloor $o) => $o->dog, $arrived));
        foreach ($arrived as $one) {
            $one->minutes = $this->order->minutes(
                $one->dog,
                Plans::recipes($plans[(string) $one->dog->id] ?? []),
                $one->arrival,
                $one->kind(),
            );
        }
    }

    /** @param list<OnTheFloor> $arrived */
    private function withGrooms(Actor $actor, array $arrived): void
    {
        $byArrival = [];
        foreach ($arrived as $one) {
            $byArrival[(string) $one->arrival?->id] = $one;
        }
        $ids = array_map(static fn (OnTheFloor $o): string => $o->arrival?->id->toBinary() ?? '', $arrived);
        if ([] === $ids) {
            return;
        }
        /** @var list<Groom> $grooms */
        $grooms = $this->manager
            ->createQuery(
                'SELECT g, p, o FROM '.Groom::class.
                    ' g JOIN g.place p JOIN g.openedBy o WHERE g.arrival IN (:ids) ORDER BY g.openedAt',
            )
            ->setParameter('ids', $ids, ArrayParameterType::BINARY)
            ->getResult();
        foreach ($grooms as $groom) {
            $byArrival[(string) $groom->arrival->id]->groom = $groom;
        }
        $taps = $this->grooms->tapsOf($actor, $grooms);
        foreach ($byArrival as $one) {
            if (null !== $one->groom) {
                $one->board = Board::of($taps[(string) $one->groom->id] ?? []);
            }
        }
    }
}
