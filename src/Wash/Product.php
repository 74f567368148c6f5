<?php

/** What the salon washes with: as its maker's label has it, and as much as there is. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Log\Entry;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table('wash_product')]
#[ORM\Index(columns: ['salon_id', 'active', 'name'])]
class Product implements SalonOwned
{
    use Owned;
    use Versioned;

    public const KINDS = ['shampoo', 'conditioner'];

    #[ORM\Column(length: 60)]
    public string $name;

    #[ORM\Column(length: 12)]
    public string $kind;

    /** Parts of water to one part of concentrate. */
    #[ORM\Column]
    public float $ratio;

    /** Days the maker's label allows a mixed bottle; null: it says nothing. */
    #[ORM\Column(nullable: true)]
    public ?int $labelDays = null;

    /** Minutes on the coat by the label; null: as usual for the coat. */
    #[ORM\Column(nullable: true)]
    public ?int $dwell = null;

    /** @var list<string> coats it is meant for; none: any */
    #[ORM\Column(type: 'json')]
    public array $coats = [];

    #[ORM\Column]
    public int $bottleMl = 500;

    /** Concentrate there is, ml. */
    #[ORM\Column]
    public float $stockMl = 0.0;

    /** Price of a litre of concentrate, minor currency units. */
    #[ORM\Column(nullable: true)]
    public ?int $litreMinor = null;

    #[ORM\Column(length: 200)]
    public string $note = '';

    #[ORM\Column]
    public bool $active = true;

    public function __construct(Uuid $id, Salon $salon, string $name, string $kind, float $ratio)
    {
        $this->id = $id;
        $this->salon = $salon;
        $this->name = $name;
        $this->kind = $kind;
        $this->ratio = $ratio;
    }

    public function entry(string $what): Entry
    {
        return new Entry(null, 'wash', (string) $this->id, "$this->name: $what");
    }
}
