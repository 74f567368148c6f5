<?php

/** Whether a dog is free at a time. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Staff;

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

    /**
     * Why nobody is there: that person is away, or every place is closed.
     *
     * @return array{string, string}|null the field it is about, and why; null: somebody is there
     */
    public function whyClosed(\DateTimeImmutable $day, string $time, ?Staff $person): ?array
    {
        $why = $person?->opening()->whyNotAt($day, $time) ?? '';
        if ('' !== $why) {
            return ['staff', "cannot be $person?->name then: $why"];
        }
        $places = null !== $person?->place
            ? [$person->place]
            : $this->manager->getRepository(Place::class)->findBy(['open' => true]);
        $closed = array_map(
            static fn (Place $p): string => $p->opening()->whyNotAt($day, $time),
            array_values($places),
        );

        return [] === $closed || \in_array('', $closed, true) ? null : ['day', 'cannot be, '.$closed[0]];
    }
}
