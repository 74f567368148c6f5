<?php

/** A bottle of mixed shampoo: what stands on its label. */

declare(strict_types=1);

namespace KeenThistle\Wash;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table('wash_bottle')]
#[ORM\Index(columns: ['salon_id', 'poured_on', 'discard_by', 'id'])]
class Bottle implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Product::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Product $product;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    /** As it was mixed: a product may be mixed otherwise later. */
    #[ORM\Column]
    public float $ratio;

    #[ORM\Column]
    public float $ml;

    #[ORM\Column]
    public float $concentrateMl;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $mixedOn;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $discardBy;

    /** The day it was emptied, used up or poured away; null: it stands there. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $pouredOn = null;

    public function __construct(
        Uuid $id,
        Product $product,
        Staff $staff,
        float $ml,
        float $concentrateMl,
        \DateTimeImmutable $mixedOn,
        \DateTimeImmutable $discardBy,
    ) {
        $this->id = $id;
        $this->salon = $product->salon;
        $this->product = $product;
        $this->staff = $staff;
        $this->ratio = $product->ratio;
        $this->ml = $ml;
        $this->concentrateMl = $concentrateMl;
        $this->mixedOn = $mixedOn;
        $this->discardBy = $discardBy;
    }
}
