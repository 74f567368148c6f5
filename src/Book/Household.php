<?php

/** The people and dogs of one home. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'name'])]
class Household implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 500)]
    public string $note = '';

    /** Name, practice and number, of all its dogs that have no vet of their own. */
    #[ORM\Column(length: 160, options: ['default' => ''])]
    public string $vet = '';

    /** @var list<array{name: string, phone: string, role: string, collects: bool, word: string}> HomeOtherForm's */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $others = [];

    /** HH:MM; "": no hour is too late or too early. */
    #[ORM\Column(length: 5, options: ['default' => ''])]
    public string $quietFrom = '';

    #[ORM\Column(length: 5, options: ['default' => ''])]
    public string $quietTo = '';

    /** Where the van finds it, an id on the road map; "": not said. */
    #[ORM\Column(length: 40, options: ['default' => ''])]
    public string $spot = '';

    /** The van may take water there. */
    #[ORM\Column(options: ['default' => false])]
    public bool $hasWater = false;

    /** It may be plugged in there. */
    #[ORM\Column(options: ['default' => false])]
    public bool $hasPower = false;

    /** @var Collection<int, Client> */
    #[ORM\OneToMany(targetEntity: Client::class, mappedBy: 'household', cascade: ['persist'], orphanRemoval: true)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $clients;

    public function __construct(Uuid $id, Salon $salon, string $name)
    {
        $this->id = $id;
        $this->salon = $salon;
        $this->name = $name;
        $this->clients = new ArrayCollection();
    }

    /** Who hears about its dogs. */
    public function first(): ?Client
    {
        $first = $this->clients->first();

        return false === $first ? null : $first;
    }
}
