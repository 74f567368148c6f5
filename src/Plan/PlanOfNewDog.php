<?php

/** A new dog has a plan, with nothing in it yet. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Book\WithNewDog;
use Symfony\Component\Uid\Uuid;

final readonly class PlanOfNewDog implements WithNewDog
{
    public function begin(Dog $dog, EntityManagerInterface $manager): void
    {
        $manager->persist(new TrimPlan(Uuid::v7(), $dog));
    }
}
