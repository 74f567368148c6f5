<?php

/** A tool the salon owns, where it lives, and what it is nominally worth. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'active', 'kind', 'label'])]
class KitItem implements SalonOwned
{
    use Owned;
    use Versioned;

    public const KINDS = ['blade', 'guard', 'trimmer', 'shears', 'thinning_shears', 'knife', 'rake', 'clipper'];

    #[ORM\ManyToOne(targetEntity: Place::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Place $place;

    #[ORM\Column(length: 16)]
    public string $kind;

    /** As the salon says it; for a blade the label of the blade table. */
    #[ORM\Column(length: 40)]
    public string $label;

    /** µm: a guard's own length, a blade's residual with the lay. */
    #[ORM\Column(nullable: true)]
    public ?int $nominalUm;

    /** µm as measured by the salon, in the base and lay named beside it; null: not measured. */
    #[ORM\Column(nullable: true)]
    public ?int $measuredUm = null;

    #[ORM\Column(length: 8, nullable: true)]
    public ?string $measuredBase = null;

    #[ORM\Column(enumType: Lay::class, length: 8, nullable: true)]
    public ?Lay $measuredLay = null;

    /** mm between the readings it was measured with; null: one reading, or none. */
    #[ORM\Column(nullable: true)]
    public ?float $spread = null;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    public ?\DateTimeImmutable $measuredAt = null;

    /** Whose own it is: it goes where this person goes; null: it lives at its place. */
    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $keeper = null;

    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $note = '';

    #[ORM\Column]
    public bool $active = true;

    public function __construct(Uuid $id, Place $place, string $kind, string $label, ?int $nominalUm)
    {
        $this->id = $id;
        $this->salon = $place->salon;
        $this->place = $place;
        $this->kind = $kind;
        $this->label = $label;
        $this->nominalUm = $nominalUm;
    }
}
