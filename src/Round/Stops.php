<?php

/** The homes that a van calls at on a day, from what is booked with its people. */

declare(strict_types=1);

namespace KeenThistle\Round;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Agenda\Booked;
use KeenThistle\Agenda\Lengths;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Household;
use KeenThistle\Core\Round\Clock;
use KeenThistle\Core\Round\RoundWords;
use KeenThistle\Core\Round\TakesRule;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Diary\Booking;
use KeenThistle\Plan\Plans;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class Stops
{
    public function __construct(
        private Booked $booked,
        private Scope $scope,
        private KitCheck $kit,
        private Plans $plans,
        private EntityManagerInterface $manager,
    ) {
    }

    /** @return list<HomeStop> by the time that was told */
    public function of(Actor $actor, Place $van, \DateTimeImmutable $day): array
    {
        $booked = [];
        foreach ($this->booked->between($actor, $day, $day) as [$b, $minutes]) {
            if (true === $b->staff?->place?->id->equals($van->id)) {
                $booked[] = [$b, $minutes];
            }
        }
        $state = $this->states($actor, array_map(static fn (array $b): Booking => $b[0], $booked), $day);
        $plans = $this->plans->ofDogs($actor, array_map(static fn (array $b): Dog => $b[0]->dog, $booked));
        // All of them at once, or each is asked for by itself below.
        $this->manager->getRepository(Household::class)->findBy([
            'id' => array_map(static fn (array $b): string => $b[0]->dog->household->id->toBinary(), $booked),
        ]);
        $homes = [];
        foreach ($booked as [$b, $minutes]) {
            $dog = (string) $b->dog->id;
            $home = (string) $b->dog->household->id;
            $homes[$home] ??= new HomeStop($b->dog->household);
            $homes[$home]->add(self::visit(
                $b,
                $minutes,
                $state[$dog] ?? '',
                // What is not clipped that day needs no blade.
                'full' === $b->kind ? $this->kit->missing($actor, (string) $van->id, $plans[$dog] ?? []) : [],
            ));
        }

        return array_values($homes);
    }

    /**
     * @param ''|'at_work'|'done' $state
     * @param list<array{zones: list<string>, needs: string, instead: string|null, difference_mm: float|null}> $missing
     */
    private static function visit(Booking $b, ?Minutes $minutes, string $state, array $missing): DogVisit
    {
        $phases = $minutes?->scaled() ?? TakesRule::UNKNOWN_PHASES;

        return new DogVisit(
            (string) $b->id,
            $b->version,
            (string) $b->dog->id,
            $b->dog->name,
            $b->kind,
            Clock::minutes($b->time),
            $minutes->slot ?? Lengths::USUAL,
            TakesRule::litres($b->dog->kg, $b->dog->coat, $b->washed ? [] : $phases),
            TakesRule::powerMinutes($phases),
            null === $minutes ? RoundWords::notWeighed($b->dog->name) : '',
            $state,
            $missing,
        );
    }

    /**
     * @param list<Booking> $booked
     *
     * @return array<string, 'done'|'at_work'> by dog
     */
    private function states(Actor $actor, array $booked, \DateTimeImmutable $day): array
    {
        if ([] === $booked) {
            return [];
        }
        $dogs = Row::list(array_map(static fn (Booking $b): Uuid => $b->dog->id, $booked));
        $rows = $this->scope->rows(
            $actor,
            "SELECT v.dog_id dog, 'done' state FROM visit v
            WHERE v.salon_id = :salon AND v.day = :day AND v.dog_id IN ($dogs)
            UNION ALL SELECT g.dog_id, 'at_work' FROM groom g
            WHERE g.salon_id = :salon AND g.closed_at IS NULL AND g.open_for IN ($dogs)",
            ['day' => $day->format('Y-m-d')],
        );
        $out = [];
        foreach ($rows as $r) {
            $out[Row::id($r['dog'])] = 'done' === $r['state'] ? 'done' : 'at_work';
        }

        return $out;
    }
}
