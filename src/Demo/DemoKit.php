<?php

/**
 * The demo's kit as it is lived with: blades that ran, a dull pair of shears, motors that some dogs will not do
 * without.
 */

declare(strict_types=1);

namespace KeenThistle\Demo;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Kit\KitItem;
use KeenThistle\Kit\ToolEntry;
use KeenThistle\Plan\PlanZone;
use KeenThistle\Plan\TrimPlan;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

final readonly class DemoKit
{
    private const QUIET = 'quiet cordless';
    /** label => [minutes a run, runs, every n days, days since it was ground, packed] of the first room's blades */
    private const RUNS = [
        '10' => [11.0, 34, 2, 75, false],
        '30' => [6.0, 20, 3, 90, false],
        '7F' => [9.0, 18, 4, 80, false],
        '5F' => [8.0, 12, 6, 120, true],
        'toe' => [5.0, 24, 3, 76, false],
        '15' => [4.0, 6, 9, 60, false],
    ];
    /** Dogs that bear one motor's sound only. */
    private const QUIET_DOGS = ['Perrin', 'Hobnob'];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    public function load(Salon $salon, \DateTimeImmutable $now): void
    {
        $places = $this->manager->getRepository(Place::class)->findBy(['salon' => $salon], ['position' => 'ASC']);
        $staff = [];
        foreach ($this->manager->getRepository(Staff::class)->findBy(['salon' => $salon]) as $person) {
            $staff[$person->login] = $person;
        }
        foreach (
            [
                [0, self::QUIET, 'for dogs that fear the corded clipper'],
                [0, 'corded clipper', ''],
                [1, self::QUIET, ''],
                [2, 'van cordless', 'two batteries'],
            ] as [$place, $label, $note]
        ) {
            $clipper = new KitItem(Uuid::v7(), $places[$place], 'clipper', $label, null);
            $clipper->note = $note;
            $this->manager->persist($clipper);
        }
        $own = new KitItem(Uuid::v7(), $places[2], 'shears', 'own curved shears', null);
        $own->keeper = $staff['idris'];
        $this->manager->persist($own);
        $dogs = $this->manager->getRepository(Dog::class)->findBy(['salon' => $salon], ['name' => 'ASC']);
        foreach (
            $this->manager->getRepository(KitItem::class)->findBy(['place' => $places[0], 'kind' => 'blade']) as $item
        ) {
            $this->life($item, $staff['tove'], $dogs, $now);
        }
        foreach (
            $this->manager->getRepository(KitItem::class)->findBy(['place' => $places[0], 'kind' => 'shears']) as $item
        ) {
            $this->entry($item, $staff['maren'], 'edge_dull', $now->modify('-3 days'));
        }
        foreach (self::QUIET_DOGS as $name) {
            $plan = $this->manager
                ->getRepository(TrimPlan::class)
                ->findOneBy(['dog' => $this->manager->getRepository(Dog::class)->findOneBy(['name' => $name])]);
            foreach ($this->manager->getRepository(PlanZone::class)->findBy(['plan' => $plan]) as $zone) {
                if (true === $zone->recipe->method?->hasToolLength()) {
                    $zone->recipe->clipperUnit = self::QUIET;
                }
            }
        }
        $this->manager->flush();
    }

    /** @param list<Dog> $dogs */
    private function life(KitItem $item, Staff $who, array $dogs, \DateTimeImmutable $now): void
    {
        if (!isset(self::RUNS[$item->label])) {
            return;
        }
        [$minutes, $runs, $every, $ground, $packed] = self::RUNS[$item->label];
        $this->entry($item, $who, 'sharpened', $now->modify("-$ground days"));
        for ($i = $runs - 1; $i >= 0; --$i) {
            $at = $now->modify('-'.($i * $every + 1).' days');
            $dog = $dogs[(7 * $i + \strlen($item->label)) % \count($dogs)];
            $entry = $this->entry($item, $who, 'run', $at);
            [$entry->minutes, $entry->dirt, $entry->dog] = [
                $minutes + ($i % 3),
                'toe' === $item->label ? 'dirty' : ($dog->coat->isDouble() ? 'undercoat' : 'clean'),
                $dog,
            ];
            if ($i > 0 || '10' !== $item->label) {
                $this->entry($item, $who, 'disinfected', $at->modify('+20 minutes'));
                $this->entry($item, $who, 'oiled', $at->modify('+21 minutes'));
            }
        }
        if ($packed) {
            $this->entry($item, $who, 'packed_hair', $now->modify('-22 hours'));
        }
    }

    private function entry(KitItem $item, Staff $who, string $kind, \DateTimeImmutable $at): ToolEntry
    {
        $this->manager->persist($entry = new ToolEntry(Uuid::v7(), $item, $who, $kind, $at));

        return $entry;
    }
}
