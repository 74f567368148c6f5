<?php

/** A person the salon works for. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
class Client implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Household::class, inversedBy: 'clients')]
    #[ORM\JoinColumn(nullable: false)]
    public Household $household;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 40)]
    public string $phone;

    #[ORM\Column(length: 120)]
    public string $email = '';

    public function __construct(Uuid $id, Household $household, string $name, string $phone)
    {
        $this->id = $id;
        $this->salon = $household->salon;
        $this->household = $household;
        $this->name = $name;
        $this->phone = $phone;
        $household->clients->add($this);
    }
}
