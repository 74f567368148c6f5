<?php

/** What one measurement changed on one dog's card. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;

/** Written in batches with SQL. */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['derivation_id', 'dog_id'])]
#[ORM\Index(columns: ['derivation_id', 'most_um', 'id'])]
class LengthChange implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Derivation::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Derivation $derivation;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    /** @var list<array{zone: string, before_um: int, after_um: int}> */
    #[ORM\Column(type: 'json')]
    public array $zones = [];

    /** The largest difference, µm, without its sign. */
    #[ORM\Column]
    public int $mostUm = 0;
}
