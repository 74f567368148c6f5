<?php

/** The demo salon's van: what it holds, where homes are in the valley, and a day of its own. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\Household;
use KeenThistle\Diary\Booking;
use KeenThistle\Round\SimulatedRoads;
use KeenThistle\Round\Spot;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

final readonly class DemoRound
{
    private const VAN = [
        'base' => 'fullers_yard',
        'tank' => 90.0,
        'battery' => 150.0,
        'early' => 15,
        'late' => 30,
        'refills' => [
            ['at' => 'fullers_yard', 'water' => true, 'power' => true, 'minutes' => 20],
            ['at' => 'trough', 'water' => true, 'power' => false, 'minutes' => 10],
        ],
    ];
    /** Tomorrow, beside what is booked: two of them are on one farm. */
    private const CALLS = [
        ['09:15', 'full', 'alderlap'],
        ['12:00', 'nails', 'mossfoot'],
        ['13:00', 'tidy', 'mossfoot'],
        ['14:15', 'full', 'high_ewefold'],
        ['16:20', 'nails', 'rookstall'],
        ['17:00', 'tidy', 'thornhope'],
    ];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @param bool $isWhole whether it has calls as well */
    public function load(Salon $salon, \DateTimeImmutable $today, bool $isWhole): void
    {
        foreach ($this->manager->getRepository(Place::class)->findBy(['salon' => $salon, 'kind' => 'van']) as $van) {
            $van->round = self::VAN;
        }
        $spots = array_values(array_filter(
            (new SimulatedRoads())->spots(),
            static fn (Spot $s): bool => \in_array($s->kind, ['farm', 'village'], true),
        ));
        $homes = $this->manager->getRepository(Household::class)->findBy(['salon' => $salon], ['name' => 'ASC']);
        foreach ($homes as $n => $home) {
            $spot = $spots[$n % \count($spots)] ?? null;
            $home->spot = $spot->id ?? '';
            [$home->hasWater, $home->hasPower] = ['farm' === $spot?->kind, 0 === $n % 4];
        }
        if ($isWhole) {
            $this->calls($salon, $today->modify('+1 day'));
        }
        $this->manager->flush();
    }

    private function calls(Salon $salon, \DateTimeImmutable $day): void
    {
        $idris = $this->manager->getRepository(Staff::class)->findOneBy(['salon' => $salon, 'login' => 'idris']);
        /** @var list<Dog> $free */
        $free = $this->manager
            ->createQuery(
                'SELECT d FROM '.Dog::class." d WHERE d.salon = :salon AND d.state = 'active' AND ".
                    "d.kg BETWEEN 3 AND 14 AND d.coat IN ('curly', 'smooth', 'silky_drop') AND ".
                    'NOT EXISTS (SELECT b FROM '.Booking::class.' b WHERE b.dog = d AND b.day BETWEEN :from AND :to) '.
                    'ORDER BY d.name',
            )
            ->setParameter('salon', $salon->id, 'uuid')
            ->setParameter('from', $day->modify('-3 days'), 'date_immutable')
            ->setParameter('to', $day->modify('+5 days'), 'date_immutable')
            ->getResult();
        $seen = [];
        foreach (self::CALLS as [$time, $kind, $spot]) {
            foreach ($free as $dog) {
                $home = (string) $dog->household->id;
                if (!isset($seen[$home])) {
                    $seen[$home] = true;
                    $dog->household->spot = $spot;
                    $booking = new Booking(Uuid::v7(), $dog, $idris, $day, $time, $kind);
                    $booking->held = $booking->slot;
                    $this->manager->persist($booking);
                    break;
                }
            }
        }
    }
}
