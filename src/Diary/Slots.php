<?php

/** Whether a dog and a person are free at a time, and somebody is there. */

declare(strict_types=1);

namespace KeenThistle\Diary;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Opening;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Place;
use KeenThistle\Staff\Staff;

final readonly class Slots
{
    public function __construct(private EntityManagerInterface $manager, private Company $company)
    {
    }

    /**
     * Where two take the same moment at once, the unique keys decide.
     *
     * @throws Refused 409 where the dog is booked then, the person has a dog of another home, or it must not meet who
     *                 is there
     */
    public function take(Booking $b): void
    {
        $why = $this->whyNot($b);
        if ('' !== $why) {
            throw Refused::conflict("$why.");
        }
        $beside = null === $b->staff ? [] : $this->at($b->day, $b->time, ['staff' => $b->staff], $b);
        $b->held = null === $b->staff || [] !== $beside ? null : $b->slot;
    }

    /** Why it cannot take its time, in words: it or its person is booked, it must not meet who is there; "": it can. */
    public function whyNot(Booking $b): string
    {
        $taken = $this->whyTaken($b->dog, $b->staff, $b->day, $b->time, $b);

        return '' === $taken ? $this->company->why($b) : $taken;
    }

    /** That the dog is booked then, or the person has a dog of another home; empty: neither. */
    public function whyTaken(
        Dog $dog,
        ?Staff $person,
        \DateTimeImmutable $day,
        string $time,
        ?Booking $but = null,
    ): string {
        $when = \sprintf('on %s at %s already', Say::day($day), $time);
        if ([] !== $this->at($day, $time, ['dog' => $dog], $but)) {
            return "$dog->name is booked $when";
        }
        if (null === $person) {
            return '';
        }
        foreach ($this->at($day, $time, ['staff' => $person], $but) as $other) {
            if ($other->dog->household !== $dog->household) {
                return "$person->name has {$other->dog->name} $when";
            }
        }

        return '';
    }

    /**
     * @param array<string, object> $whose
     *
     * @return list<Booking>
     */
    private function at(\DateTimeImmutable $day, string $time, array $whose, ?Booking $but): array
    {
        $there = $this->manager
            ->getRepository(Booking::class)
            ->findBy(['slot' => Booking::slotOf($day, $time)] + $whose);

        return array_values(array_filter($there, static fn (Booking $b): bool => $b !== $but));
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
        $salon = $person->salon ?? ($this->places()[0] ?? null)?->salon;
        $meant = null === $salon ? $time : Opening::onTheClock($day, $time, new \DateTimeZone($salon->timeZone));
        if ($meant !== $time) {
            throw InvalidInput::at('time', "is not there that night, the clocks go forward: take $meant");
        }
        $closed = $this->whyClosed($day, $time, $person);
        if (null !== $closed) {
            throw InvalidInput::at(...$closed);
        }
    }

    /**
     * Why nobody is there: that person is away, or every place is closed.
     *
     * @param list<Place>|null $open the places that are open at all, where more than one day is asked for
     *
     * @return array{string, string}|null the field it is about, and why; null: somebody is there
     */
    public function whyClosed(\DateTimeImmutable $day, string $time, ?Staff $person, ?array $open = null): ?array
    {
        $why = $person?->opening()->whyNotAt($day, $time) ?? '';
        if ('' !== $why) {
            return ['staff', "cannot be $person?->name then: $why"];
        }
        $places = null !== $person?->place ? [$person->place] : $open ?? $this->places();
        $closed = array_map(
            static fn (Place $p): string => $p->opening()->whyNotAt($day, $time),
            $places,
        );

        return [] === $closed || \in_array('', $closed, true) ? null : ['day', 'cannot be, '.$closed[0]];
    }

    /** @return list<Place> */
    public function places(): array
    {
        return array_values($this->manager->getRepository(Place::class)->findBy(['open' => true]));
    }
}
