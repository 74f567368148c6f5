<?php

/** Whether a dog and a person are free at a time, and somebody is there. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Staff;

final readonly class Slots
{
    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /**
     * Where two take the same moment at once, the unique keys decide.
     *
     * @throws Refused 409 where the dog is booked then, or the person has a dog of another home
     */
    public function take(Booking $b): void
    {
        $bookings = $this->manager->getRepository(Booking::class);
        $slot = Booking::slotOf($b->day, $b->time);
        $there = $bookings->findOneBy(['dog' => $b->dog, 'slot' => $slot]);
        if (null !== $there && $there !== $b) {
            throw Refused::conflict(
                \sprintf('%s is booked on %s at %s already.', $b->dog->name, Say::day($b->day), $b->time),
            );
        }
        $b->held = null;
        if (null === $b->staff) {
            return;
        }
        $b->held = $slot;
        foreach ($bookings->findBy(['staff' => $b->staff, 'slot' => $slot]) as $other) {
            if ($other === $b) {
                continue;
            }
            if ($other->dog->household !== $b->dog->household) {
                throw Refused::conflict(\sprintf(
                    '%s has %s on %s at %s already.',
                    $b->staff->name,
                    $other->dog->name,
                    Say::day($b->day),
                    $b->time,
                ));
            }
            $b->held = null;
        }
    }

    /** @throws InvalidInput for a day or time that cannot be booked */
    public function mustBeOpen(
        \DateTimeImmutable $day,
        string $time,
        ?Staff $person,
        \DateTimeImmutable $today,
    ): void {
        if ($day->format('Y-m-d') < $today->format('Y-m-d') || $day > $today->modify('+2 years')) {
            throw InvalidInput::at('day', 'must be from today to two years from now');
        }
        if (1 !== preg_match(Booking::TIME, $time)) {
            throw InvalidInput::at('time', 'must be a time such as 09:30');
        }
        $closed = $this->whyClosed($day, $time, $person);
        if (null !== $closed) {
            throw InvalidInput::at(...$closed);
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
