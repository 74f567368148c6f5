<?php

/** The demo salon's months ahead: hours and closed days, six full weeks, a crowded year-end, thin beyond. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use Symfony\Component\Uid\Uuid;

/** Days of the week are counted from today, so that the salon is open whenever somebody starts it. */
final class DemoYear
{
    private const NOON = 12;
    private const OPENS = '09:00';
    private const CLOSES = '18:00';
    /** Of the week from today on; the fourth it is closed. */
    private const OPEN = [0, 1, 2, 4, 5, 6];
    /** login => days of the week from today on, hours at which dogs come */
    private const WORKS = [
        'tove' => [[0, 1, 2, 5, 6], ['09:00', '11:30', '14:30']],
        'maren' => [[0, 1, 6], ['09:30', '13:30']],
        'pell' => [[0, 1, 5], ['09:30', '11:00', '13:30']],
        'idris' => [[0, 1, 4], ['09:00', '13:30']],
        'wim' => [[0, 1, 2, 5, 6], []],
    ];
    /** So many days from two days before the holidays on would fall into them. */
    private const CROWD = 16;
    private const CROWDED_DAYS = 5;
    private const NEAR = [0, -1, 1, -2, 2, -3, 3, -4, 4, -5, 5];
    private const FULL_DAYS = 42;
    private const THIN_DAYS = 140;
    /** Nobody comes for less within so many days. */
    private const GAP = 8;

    private const USUAL = 42;
    private const DAY_S = 86_400;

    /** @var array<string, list<int>> by dog: when it comes, in days */
    private array $comes = [];

    /** @var array<string, list<int>> the same of full grooms */
    private array $fulls = [];

    /** @var array<int, array<int, array{Staff, \DateTimeImmutable, string}>> that are free, by day */
    private array $slots = [];

    /** @var array<string, Staff> */
    private array $people = [];

    private ?Place $mill = null;

    public function __construct(private readonly EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon, \DateTimeImmutable $now): void
    {
        $today = $now->setTime(0, 0);
        $this->hours($salon, $now);
        $this->openDays($salon, $today);
        $this->fill($salon, $today);
        $this->answers($salon, $today);
        $this->stillToCome($salon, $now);
        $this->proofs($salon, $today);
        $this->manager->flush();
    }

    private function hours(Salon $salon, \DateTimeImmutable $now): void
    {
        $week = static function (array $offsets) use ($now): array {
            $days = [];
            foreach ($offsets as $n) {
                \assert(\is_int($n));
                // Today there is always somebody, however late it is started.
                $hour = 0 === $n ? (int) $now->format('G') : self::NOON;
                $days[] = [
                    'day' => strtolower($now->modify("+$n days")->format('D')),
                    'from' => min(self::OPENS, \sprintf('%02d:00', max(0, $hour - 3))),
                    'to' => max(self::CLOSES, $hour + 5 > 23 ? '23:59' : \sprintf('%02d:00', $hour + 5)),
                ];
            }

            return $days;
        };
        $year = (int) $now->format('Y');
        foreach ($this->manager->getRepository(Place::class)->findBy(['salon' => $salon]) as $place) {
            $place->hours = $week(self::OPEN);
            $place->closedDays = [
                ['from' => "$year-12-25", 'to' => "$year-12-26", 'why' => 'holidays'],
                ['from' => "$year-12-31", 'to' => ($year + 1).'-01-02', 'why' => 'the turn of the year'],
            ];
        }
        foreach (self::WORKS as $login => [$offsets]) {
            $person = $this->person($salon, $login);
            $person->hours = $week($offsets);
            [$person->breakFrom, $person->breakTo] = ['12:30', '13:00'];
        }
    }

    private function person(Salon $salon, string $login): Staff
    {
        return $this->people[$login] ??= $this->manager
            ->getRepository(Staff::class)
            ->findOneBy(['salon' => $salon, 'login' => $login]) ??
            throw new \LogicException("The demo salon has $login.");
    }

    /** What was booked on a day that is closed comes the day after; the last visits are known. */
    private function openDays(Salon $salon, \DateTimeImmutable $today): void
    {
        foreach ($this->manager->getRepository(Booking::class)->findBy(['salon' => $salon]) as $b) {
            while ($b->day > $today && '' !== $this->whyClosed($salon, $b->day)) {
                $b->move($b->day->modify('+1 day'), $b->time, $b->kind, $b->staff, 'closure');
                $b->firstDay = null;
                $b->cause = '';
            }
            $this->keep($b->dog, $b->day, $b->kind);
        }
        foreach ($this->manager->getRepository(Visit::class)->findBy(['salon' => $salon], ['day' => 'ASC']) as $v) {
            $this->keep($v->dog, $v->day, $v->kind);
        }
    }

    private function whyClosed(Salon $salon, \DateTimeImmutable $day): string
    {
        $this->mill ??= $this->manager->getRepository(Place::class)->findOneBy(['salon' => $salon, 'position' => 0]);

        return $this->mill?->opening()->whyNotAt($day, '13:00') ?? '';
    }

    private function fill(Salon $salon, \DateTimeImmutable $today): void
    {
        $this->openSlots($salon, $today);
        $visits = $this->manager->getRepository(Visit::class)->findBy(['salon' => $salon], ['day' => 'ASC']);
        $every = self::every($visits);
        $dogs = $this->manager->getRepository(Dog::class)->findBy(['salon' => $salon], ['id' => 'ASC']);
        $called = [];
        foreach ($dogs as $i => $dog) {
            $id = (string) $dog->id;
            $between = $every[$id] ?? self::USUAL;
            $last = max([0, ...$this->fulls[$id] ?? []]);
            $now = self::day($today);
            // Who is long overdue has not rung: nobody has booked it.
            if (0 === $last || $now - $last > $between) {
                continue;
            }
            $called[] = $dog;
            $due = $last + $between;
            for (; $due < $now + self::FULL_DAYS; $due += $between) {
                $this->book($dog, $this->beforeHolidays($due), 'full');
            }
            if (0 === $i % 3) {
                $this->book($dog, $due, 'full');
            }
        }
        $this->fillUp($called, self::day($today));
    }

    /**
     * What is left of the six weeks: a small visit for whoever was not there for the longest.
     *
     * @param list<Dog> $dogs
     */
    private function fillUp(array $dogs, int $now): void
    {
        for ($day = $now + 2; $day < $now + self::FULL_DAYS; ++$day) {
            for ($left = \count($this->slots[$day] ?? []); $left > 0; --$left) {
                $best = null;
                foreach ($dogs as $dog) {
                    $near = array_map(
                        static fn (int $d): int => abs($d - $day),
                        [0, ...$this->comes[(string) $dog->id] ?? []],
                    );
                    $gap = min($near);
                    if ($gap >= self::GAP && (null === $best || $gap > $best[1])) {
                        $best = [$dog, $gap];
                    }
                }
                if (null !== $best) {
                    $this->book($best[0], $day, ['tidy', 'nails', 'bath'][($day + $left) % 3], [0]);
                }
            }
        }
    }

    /** Everybody wants to be done before they are. */
    private function beforeHolidays(int $day): int
    {
        $date = (new \DateTimeImmutable('@'.$day * self::DAY_S));
        $eve = self::day(new \DateTimeImmutable($date->modify('-20 days')->format('Y').'-12-23'));

        return $day > $eve && $day < $eve + self::CROWD ? $eve - $day % self::CROWDED_DAYS : $day;
    }

    private function openSlots(Salon $salon, \DateTimeImmutable $today): void
    {
        foreach (range(2, self::THIN_DAYS) as $n) {
            $day = $today->modify("+$n days");
            if ('' !== $this->whyClosed($salon, $day)) {
                continue;
            }
            foreach (self::WORKS as $login => [$offsets, $times]) {
                foreach (\in_array($n % 7, $offsets, true) ? $times : [] as $time) {
                    $this->slots[self::day($day)][] = [$this->person($salon, $login), $day, $time];
                }
            }
        }
        foreach ($this->manager->getRepository(Booking::class)->findBy(['salon' => $salon]) as $b) {
            $left = $this->slots[self::day($b->day)] ?? [];
            $this->slots[self::day($b->day)] = array_values(
                array_filter($left, static fn (array $s): bool => $s[0] !== $b->staff || $s[2] !== $b->time),
            );
        }
    }

    /**
     * In the free place that is nearest to a day, sooner rather than later; a bather has no full grooms.
     *
     * @param list<int> $near days off that are looked at
     */
    private function book(Dog $dog, int $due, string $kind, array $near = self::NEAR): void
    {
        foreach ($near as $off) {
            $taken = array_filter(
                $this->comes[(string) $dog->id] ?? [],
                static fn (int $d): bool => abs($d - $due - $off) < self::GAP,
            );
            if ([] !== $taken) {
                continue;
            }
            foreach ($this->slots[$due + $off] ?? [] as $i => [$person, $day, $time]) {
                if ('full' === $kind && 'pell' === $person->login) {
                    continue;
                }
                unset($this->slots[$due + $off][$i]);
                $booking = new Booking(Uuid::v7(), $dog, $person, $day, $time, $kind);
                $booking->held = $booking->slot;
                $this->manager->persist($booking);
                $this->keep($dog, $day, $kind);

                return;
            }
        }
    }

    private function keep(Dog $dog, \DateTimeImmutable $day, string $kind): void
    {
        $this->comes[(string) $dog->id][] = self::day($day);
        if ('full' === $kind) {
            $this->fulls[(string) $dog->id][] = self::day($day);
        }
    }

    private static function day(\DateTimeImmutable $day): int
    {
        return intdiv($day->getTimestamp(), self::DAY_S);
    }

    /**
     * @param list<Visit> $visits by day
     *
     * @return array<string, int>
     */
    private static function every(array $visits): array
    {
        $last = $out = [];
        foreach ($visits as $v) {
            $id = (string) $v->dog->id;
            if (isset($last[$id])) {
                $out[$id] = max(14, (int) $last[$id]->diff($v->day)->format('%a'));
            }
            $last[$id] = $v->day;
        }

        return $out;
    }

    /** Some owners have answered, one wants to be rung, one has told what has changed. */
    private function answers(Salon $salon, \DateTimeImmutable $today): void
    {
        $this->manager->flush();
        $soon = $this->manager
            ->createQuery(
                'SELECT b FROM '.Booking::class." b WHERE b.salon = :salon AND b.day > :today AND b.day < :soon
                AND b.state = 'booked' ORDER BY b.day, b.time, b.id",
            )
            ->setParameter('salon', $salon->id, 'uuid')
            ->setParameter('today', $today, 'date_immutable')
            ->setParameter('soon', $today->modify('+9 days'), 'date_immutable')
            ->getResult();
        \assert(\is_array($soon));
        foreach (array_values($soon) as $i => $b) {
            \assert($b instanceof Booking);
            $b->askedAt = $today->modify('-1 day 10:00');
            if (0 !== $i % 4) {
                $b->answered(7 === $i ? 'ring' : 'yes', match ($i) {
                    2 => 'Limps a little on the right foreleg since Sunday; the vet has looked at it.',
                    7 => 'We are away that week.',
                    default => '',
                }, $today->modify('-1 day 18:20'));
            }
        }
    }

    /** Who is expected today comes in the next hours, whenever it is looked at. */
    private function stillToCome(Salon $salon, \DateTimeImmutable $now): void
    {
        $quarter = 900;
        $next = (intdiv($now->getTimestamp(), $quarter) + 2) * $quarter;
        $expected = $this->manager
            ->getRepository(Booking::class)
            ->findBy(['salon' => $salon, 'day' => $now->setTime(0, 0)], ['time' => 'ASC']);
        foreach ($expected as $i => $b) {
            $at = $now->setTimestamp($next + 3 * $quarter * $i);
            if ($at->format('Y-m-d') === $now->format('Y-m-d') && $at->format('H') < '22') {
                $b->move($b->day, $at->format('H:i'), $b->kind, $b->staff, '');
            } else {
                $this->manager->remove($b);
            }
        }
    }

    /** Most proofs of vaccination hold, some run out soon, a few have. */
    private function proofs(Salon $salon, \DateTimeImmutable $today): void
    {
        $dogs = $this->manager->getRepository(Dog::class)->findBy(['salon' => $salon], ['id' => 'ASC']);
        foreach ($dogs as $i => $dog) {
            if (0 !== $i % 9) {
                $dog->vaccinatedUntil = $today->modify('+'.((53 * $i) % 400 - 20).' days');
            }
        }
    }
}
