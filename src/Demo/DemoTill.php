<?php

/** The demo salon's till: yesterday's drawer, bills of today, a deposit, a visit nobody came to. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\LineKind;
use KeenThistle\Core\Money\Payment;
use KeenThistle\Core\Money\Way;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use KeenThistle\Till\DrawerCount;
use KeenThistle\Till\Sale;
use KeenThistle\Visit\Visit;
use Symfony\Component\Uid\Uuid;

final class DemoTill
{
    private const FLOAT = 10_000;
    private const TAX = 19.0;

    private int $number = 0;

    public function __construct(private readonly EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon, \DateTimeImmutable $now): void
    {
        $mill = $this->manager->getRepository(Place::class)->findOneBy(['salon' => $salon, 'position' => 0]);
        $junia = $this->manager->getRepository(Staff::class)->findOneBy(['salon' => $salon, 'login' => 'junia']);
        if (null === $mill || null === $junia) {
            throw new \LogicException('The demo salon has a mill room and a front desk.');
        }
        $days = array_map(static fn (int $n): \DateTimeImmutable => $now->modify("-$n days"), [14, 9, 6, 4, 2, 1]);
        $cash = 0;
        foreach ($days as $i => $at) {
            $price = 6800 + 350 * $i;
            $lines = [new Line(LineKind::Work, Labels::work(Service::Full), $price, self::TAX, (string) $junia->id)];
            foreach ($this->manager->getRepository(Visit::class)->findBy(['salon' => $salon, 'day' => $at]) as $visit) {
                $lines = [new Line(
                    LineKind::Work,
                    Labels::work(Service::from($visit->kind)),
                    100 * ($visit->minutes ?? 60),
                    self::TAX,
                    (string) $visit->staff->id,
                )];
            }
            $total = Bill::total($lines);
            $cash = 0 === $i % 2 ? 0 : $total;
            $this->sale($mill, $junia, $at, $lines, new Payment(0 === $i % 2 ? Way::Card : Way::Cash, $total));
        }
        $yesterday = $now->modify('-1 day');
        $held = self::FLOAT + $cash;
        $this->manager->persist(
            new DrawerCount($mill, $junia, $yesterday->setTime(0, 0), 1, $yesterday, $held, $held, self::FLOAT, 1, ''),
        );
        $brush = [
            new Line(LineKind::Product, 'Slicker brush', 1450, self::TAX),
            new Line(LineKind::Tip, Labels::of(LineKind::Tip), 200, 0.0, (string) $junia->id),
        ];
        $this->sale($mill, $junia, $now->modify('-20 minutes'), $brush, new Payment(Way::Cash, 2000));
        $comb = [new Line(LineKind::Product, 'Steel comb', 1290, self::TAX)];
        $this->sale($mill, $junia, $now->modify('-8 minutes'), $comb, new Payment(Way::Card, 1290));
        $this->missed($salon, $now);
        $this->deposit($salon, $mill, $junia, $now);
        $this->manager->flush();
        $this->manager->getConnection()->executeStatement('UPDATE arrival SET paid = 1 WHERE day < ?', [
            $now->format('Y-m-d'),
        ]);
    }

    /** @param list<Line> $lines */
    private function sale(Place $place, Staff $who, \DateTimeImmutable $at, array $lines, Payment $paid): Sale
    {
        $bill = Bill::of($lines, [$paid]);
        $sale = new Sale(Uuid::v7(), ++$this->number, $place, $who, $at->setTime(0, 0), $at, $bill);
        $this->manager->persist($sale);

        return $sale;
    }

    private function missed(Salon $salon, \DateTimeImmutable $now): void
    {
        $dog = $this->manager->getRepository(Dog::class)->findOneBy(['salon' => $salon, 'name' => 'Gorse']);
        if (null !== $dog) {
            $booking = new Booking(Uuid::v7(), $dog, null, $now->modify('-2 days')->setTime(0, 0), '10:00', 'full');
            $booking->charge = 6200;
            $booking->miss();
            $this->manager->persist($booking);
        }
    }

    private function deposit(Salon $salon, Place $place, Staff $who, \DateTimeImmutable $now): void
    {
        $booking = $this->manager
            ->getRepository(Booking::class)
            ->findOneBy(['salon' => $salon, 'state' => 'booked', 'kind' => 'full'], ['day' => 'DESC']);
        if (null === $booking) {
            return;
        }
        $about = $booking->dog->name.', '.Say::day($booking->day);
        $lines = [new Line(LineKind::Deposit, Labels::of(LineKind::Deposit, $about), 2000)];
        $sale = $this->sale($place, $who, $now->modify('-3 minutes'), $lines, new Payment(Way::Transfer, 2000));
        $sale->dog = $booking->dog;
        $sale->booking = $booking->id;
        $booking->deposit = 2000;
    }
}
