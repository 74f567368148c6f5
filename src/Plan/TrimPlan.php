<?php

/** What a dog usually gets: one recipe per zone, with a revision for every change. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['dog_id'])]
class TrimPlan implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\Column]
    public int $revision = 0;

    public function __construct(Uuid $id, Dog $dog)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
    }
}
