<?php

/**
 * The demo's wash shelf: four products, a bottle that is past its day, a skin that did not bear one, and today's dogs.
 */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use KeenThistle\Wash\Bottle;
use KeenThistle\Wash\Product;
use Symfony\Component\Uid\Uuid;

final readonly class DemoWash
{
    /** name, kind, ratio, days by the label, dwell, coats, bottle ml, stock ml, price of a litre, note */
    private const PRODUCTS = [
        ['Oat wash', 'shampoo', 10.0, null, null, [], 500, 1850.0, 2400, 'for any coat'],
        ['Meadow rinse', 'conditioner', 15.0, null, 3, [], 500, 900.0, 2900, 'after the second pass'],
        ['Terrier soap', 'shampoo', 8.0, 3, 3, ['wire', 'smooth'], 500, 120.0, 1900, 'keeps hard hair hard'],
        ['Barley undercoat wash', 'shampoo', 12.0, 7, 5, ['long_double', 'short_double'], 1000, 2600.0, 2100, ''],
    ];
    /** Dogs that are booked today beside those that are here already. */
    private const TODAY = ['Tansy' => '13:30', 'Sedge' => '14:30', 'Wick' => '15:15'];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon, \DateTimeImmutable $today): void
    {
        $tove = $this->manager->getRepository(Staff::class)->findOneBy(['salon' => $salon, 'login' => 'tove']);
        $pell =
            $this->manager->getRepository(Staff::class)->findOneBy(['salon' => $salon, 'login' => 'pell']) ??
            throw new \LogicException('The demo salon has a bather.');
        $products = [];
        foreach (self::PRODUCTS as [$name, $kind, $ratio, $days, $dwell, $coats, $bottle, $stock, $price, $note]) {
            $p = new Product(Uuid::v7(), $salon, $name, $kind, $ratio);
            [$p->labelDays, $p->dwell, $p->coats, $p->bottleMl, $p->stockMl, $p->litreMinor, $p->note] = [
                $days,
                $dwell,
                $coats,
                $bottle,
                $stock,
                $price,
                $note,
            ];
            $this->manager->persist($p);
            $products[$name] = $p;
        }
        $of = static fn (string $name): Product => $products[$name] ??
            throw new \LogicException("The demo's shelf has $name.");
        foreach (
            [['Oat wash', 0, 0], ['Terrier soap', 2, 1], ['Barley undercoat wash', 9, -2]] as [$name, $ago, $left]
        ) {
            $p = $of($name);
            $this->manager->persist(
                new Bottle(
                    Uuid::v7(),
                    $p,
                    $pell,
                    (float) $p->bottleMl,
                    $p->bottleMl / ($p->ratio + 1),
                    $today->modify("-$ago days"),
                    $today->modify("$left days"),
                ),
            );
        }
        $gantry = $this->dog('Gantry');
        $gantry->reactions = [
            [
                'id' => (string) Uuid::v7(),
                'product' => (string) $of('Terrier soap')->id,
                'name' => 'Terrier soap',
                'what' => 'red belly within the hour',
                'on' => $today->modify('-12 weeks')->format('Y-m-d'),
                'who' => $pell->name,
            ],
        ];
        foreach (self::TODAY as $name => $time) {
            $this->manager->persist(new Booking(Uuid::v7(), $this->dog($name), $tove, $today, $time, 'full'));
        }
        $this->manager->flush();
    }

    private function dog(string $name): Dog
    {
        return $this->manager->getRepository(Dog::class)->findOneBy(['name' => $name]) ??
            throw new \LogicException("The demo salon has $name.");
    }
}
