<?php

/** Whether a dog is free at a time. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;

final readonly class Slots
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @throws Refused 409; the unique key decides between two at once */
    public function mustBeFree(Dog $dog, \DateTimeImmutable $day, string $time, ?Booking $but = null): void
    {
        $there = $this->manager
            ->getRepository(Booking::class)
            ->findOneBy(['dog' => $dog, 'slot' => Booking::slotOf($day, $time)]);
        if (null !== $there && $there !== $but) {
            throw Refused::conflict(
                \sprintf('%s is booked on %s at %s already.', $dog->name, Say::day($day), $time),
            );
        }
    }
}
