<?php

/** One entry of a tool's life: it ran, was felt, oiled, disinfected, ground. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'at'])]
#[ORM\Index(columns: ['item_id', 'at', 'id'])]
class ToolEntry implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: KitItem::class)]
    #[ORM\JoinColumn(nullable: false)]
    public KitItem $item;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    /** Whose hair it cut. */
    #[ORM\ManyToOne(targetEntity: Dog::class)]
    public ?Dog $dog = null;

    /** One of the core's ToolEvent::KINDS. */
    #[ORM\Column(length: 12)]
    public string $kind;

    #[ORM\Column(type: 'datetime_immutable')]
    public \DateTimeImmutable $at;

    #[ORM\Column]
    public float $minutes = 0.0;

    #[ORM\Column(length: 10)]
    public string $dirt = 'clean';

    #[ORM\Column(nullable: true)]
    public ?float $celsius = null;

    public function __construct(Uuid $id, KitItem $item, Staff $staff, string $kind, \DateTimeImmutable $at)
    {
        $this->id = $id;
        $this->salon = $item->salon;
        $this->item = $item;
        $this->staff = $staff;
        $this->kind = $kind;
        $this->at = $at;
    }
}
