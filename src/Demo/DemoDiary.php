<?php

/** A full day for the demo salon's diary: tomorrow. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

final readonly class DemoDiary
{
    /** dog, time, kind, who; null: anybody who is there */
    private const BOOKED = [
        ['Wick', '09:00', 'full', 'tove'],
        ['Marl', '09:30', 'bath', null],
        ['Gantry', '10:00', 'full', 'maren'],
        ['Sedge', '11:30', 'tidy', null],
        ['Cobnut', '13:00', 'full', 'tove'],
        ['Isolde', '13:30', 'full', 'maren'],
        ['Burr', '15:00', 'nails', null],
    ];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon, \DateTimeImmutable $today): void
    {
        $mill = $this->manager->getRepository(Place::class)->findOneBy(['salon' => $salon, 'name' => 'Mill room']);
        if (null !== $mill) {
            $mill->stations = ['tubs' => 1, 'dryers' => 2, 'tables' => 2, 'pens' => 2, 'lift' => true];
        }
        foreach (self::BOOKED as [$name, $time, $kind, $login]) {
            $dog = $this->manager->getRepository(Dog::class)->findOneBy(['salon' => $salon, 'name' => $name]);
            $staff = null === $login
                ? null
                : $this->manager->getRepository(Staff::class)->findOneBy(['salon' => $salon, 'login' => $login]);
            if (null !== $dog) {
                $this->manager->persist(new Booking(Uuid::v7(), $dog, $staff, $today->modify('+1 day'), $time, $kind));
            }
        }
        $this->manager->flush();
    }
}
