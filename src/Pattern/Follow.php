<?php

/** A dog whose card follows a house pattern, up to which version, and in what it goes its own way. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table('house_pattern_follow')]
#[ORM\UniqueConstraint(columns: ['dog_id'])]
#[ORM\Index(columns: ['pattern_id', 'id'])]
class Follow implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\ManyToOne(targetEntity: Pattern::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Pattern $pattern;

    /** The pattern's version this card has. */
    #[ORM\Column]
    public int $taken;

    /** @var list<string> zones in which this dog goes its own way */
    #[ORM\Column(type: 'json')]
    public array $own = [];

    public function __construct(Uuid $id, Dog $dog, Pattern $pattern, int $taken)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->pattern = $pattern;
        $this->taken = $taken;
    }
}
