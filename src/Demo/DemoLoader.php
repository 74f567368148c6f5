<?php

/** Builds the demo salon: people, places, kit, dogs with plans, and visits simulated back from today. */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Arrival\PhotoStore;
use KeenThistle\Arrival\Seal;
use KeenThistle\Book\Dog;
use KeenThistle\Book\DogIndex;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Kit\KitItem;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Security\SignedIn;
use KeenThistle\Staff\Staff;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type Story from DemoDogs */
final class DemoLoader
{
    public const PASSWORD = 'thistle-demo';
    /** login => [name, role, PIN, place] */
    public const PEOPLE = [
        'maren' => ['Maren Oakhollow', Role::Manager, '4826', 0],
        'tove' => ['Tove Lindgarth', Role::Groomer, '8530', 0],
        'idris' => ['Idris Fenwater', Role::MobileGroomer, '7350', 2],
        'pell' => ['Pell Hasp', Role::Bather, '2648', 1],
        'junia' => ['Junia Cray', Role::FrontDesk, '8092', 0],
        'wim' => ['Wim Tarrow', Role::Apprentice, '5571', 0],
    ];
    private const PLACES = [['Mill room', 'room'], ['Ferry room', 'room'], ['Van', 'van']];
    private const BLADES = [
        ['50', '40', '30', '15', '10', '9', '7', '7F', '5F', '4F', '3.75F', 'toe'],
        ['30', '10', '7F', '5F', 'toe'],
        ['40', '10', '7F', '4F', 'toe'],
    ];
    private const GUARDS = [[3, 6, 10, 13, 16, 20, 25], [6, 10, 13, 16], [6, 10, 13, 19]];

    public function __construct(
        private readonly EntityManagerInterface $manager,
        private readonly PasswordHasherFactoryInterface $hashers,
        private readonly DogIndex $index,
        private readonly PhotoStore $photos,
        private readonly Seal $seal,
        private readonly WorkOrder $order,
    ) {
    }

    /** @param bool $isWhole the whole town; else the dogs with a story alone, as tests ask of them */
    public function load(\DateTimeImmutable $now, bool $isWhole = false): Salon
    {
        $today = $now->setTime(0, 0);
        $salon = new Salon(Uuid::v7(), 'The Fulling Room');
        $salon->demo = true;
        DemoPrices::of($salon, $today);
        $this->manager->persist($salon);
        $places = [];
        foreach (self::PLACES as $i => [$name, $kind]) {
            $this->manager->persist($places[] = new Place(Uuid::v7(), $salon, $name, $kind, $i));
        }
        $this->kit($places);
        $staff = [];
        foreach (self::PEOPLE as $login => [$name, $role, $pin, $place]) {
            $this->manager->persist(
                $staff[$login] = $this->person($salon, $name, $login, $role, $pin, $places[$place]),
            );
        }
        $households = [];
        $dogs = new DemoHistories($this->manager);
        foreach (DemoDogs::all() as $i => $story) {
            $dogs->dog($salon, $places, $staff, $households, $story, $today, $i);
        }
        foreach ($isWhole ? DemoTown::all() : [] as $i => $story) {
            $dogs->dog($salon, $places, $staff, $households, $story, $today, 1 + 3 * $i);
        }
        $this->neighbour($dogs, $today);
        $this->manager->flush();
        $dogs->writeZones();
        (new DemoArrivals($this->manager, $this->photos, $this->seal))->load($today);
        (new DemoDiary($this->manager))->load($salon, $today);
        (new DemoKit($this->manager))->load($salon, $now);
        (new DemoWash($this->manager))->load($salon, $today);
        (new DemoPatterns($this->manager))->load($salon);
        (new DemoGrooms($this->manager, $this->order))->load($now);
        if ($isWhole) {
            (new DemoYear($this->manager))->load($salon, $now);
            (new DemoTill($this->manager))->load($salon, $now);
        }
        (new DemoRound($this->manager))->load($salon, $today, $isWhole);
        foreach ($this->manager->getRepository(Dog::class)->findAll() as $dog) {
            $this->index->refresh($dog);
        }

        return $salon;
    }

    /** A second salon with one dog: to see that neither sees the other. */
    private function neighbour(DemoHistories $dogs, \DateTimeImmutable $today): void
    {
        $salon = new Salon(Uuid::v7(), 'Tinder Loft');
        $salon->demo = true;
        $place = new Place(Uuid::v7(), $salon, 'Loft', 'room', 0);
        $this->manager->persist($salon);
        $this->manager->persist($place);
        $this->kit([$place]);
        $person = $this->person($salon, 'Sunniva Wold', 'sunniva', Role::Manager, '6414', $place);
        $this->manager->persist($person);
        $households = [];
        $story = [
            'name' => 'Quillon',
            'breed' => 'Curly cross',
            'owner' => ['Rafe Underhill', '0555 019 1000'],
            'coat' => 'curly',
            'kg' => 6.0,
            'born' => 3,
            'tail' => ['plume', 'up'],
            'ears' => ['drop', 'level'],
            'note' => '',
            'visits' => 3,
            'every' => 6,
            'speed' => 1.0,
            'load' => 6.0,
            'place' => 0,
            'plan' => ['back ribs loin rump: 13/10'],
        ];
        $dogs->dog(
            $salon,
            [$place],
            ['tove' => $person, 'maren' => $person, 'pell' => $person, 'idris' => $person],
            $households,
            $story,
            $today,
            20,
        );
    }

    private function person(Salon $salon, string $name, string $login, Role $role, string $pin, Place $place): Staff
    {
        $hasher = $this->hashers->getPasswordHasher(SignedIn::class);

        $person = new Staff(
            Uuid::v7(),
            $salon,
            $name,
            $login,
            $role,
            $hasher->hash(self::PASSWORD),
            $hasher->hash($pin),
            $place,
        );
        $person->confidence = match ($role) {
            Role::Manager => 5,
            Role::Groomer, Role::MobileGroomer => 3,
            Role::Bather, Role::FrontDesk => 2,
            Role::Apprentice => 1,
        };

        return $person;
    }

    /** @param list<Place> $places */
    private function kit(array $places): void
    {
        foreach ($places as $i => $place) {
            foreach (self::BLADES[$i] as $label) {
                $item = new KitItem(Uuid::v7(), $place, 'blade', $label, BladeTable::residual($label)->micrometres());
                if (0 === $i && '5F' === $label) {
                    [$item->measuredUm, $item->measuredLay] = [6000, Lay::With];
                }
                $this->manager->persist($item);
            }
            foreach (self::GUARDS[$i] as $mm) {
                $item = new KitItem(Uuid::v7(), $place, 'guard', "$mm mm guard", $mm * 1000);
                if (0 === $i && 16 === $mm) {
                    [$item->measuredUm, $item->measuredBase, $item->measuredLay] = [16_600, '10', Lay::With];
                }
                $this->manager->persist($item);
            }
            $this->manager->persist(new KitItem(Uuid::v7(), $place, 'trimmer', 'small trimmer', 500));
            $hand = [
                'shears' => 'long straight shears',
                'thinning_shears' => 'thinning shears',
                'rake' => 'undercoat rake',
            ];
            foreach ($hand as $kind => $label) {
                $this->manager->persist(new KitItem(Uuid::v7(), $place, $kind, $label, null));
            }
        }
    }
}
