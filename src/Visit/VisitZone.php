<?php

/** One zone of one visit: what was planned, what was really done, and what the coat was like on arrival. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['visit_id', 'zone'])]
#[ORM\Index(
    name: 'past',
    columns: [
        'visit_id',
        'zone',
        'state',
        'actual_method',
        'actual_reason',
        'finished_um',
        'arrival_um',
        'owner_cut',
    ],
)]
class VisitZone implements SalonOwned
{
    use Owned;

    public const STATES = ['done', 'partly', 'deferred', 'not_needed'];

    #[ORM\ManyToOne(targetEntity: Visit::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Visit $visit;

    #[ORM\Column(length: 40)]
    public string $zone;

    #[ORM\Column(length: 12)]
    public string $state;

    #[ORM\Embedded(class: ZoneRecipe::class, columnPrefix: 'planned_')]
    public ZoneRecipe $planned;

    #[ORM\Embedded(class: ZoneRecipe::class, columnPrefix: 'actual_')]
    public ZoneRecipe $actual;

    /** Why it was done otherwise than planned, or deferred. */
    #[ORM\Column(length: 200)]
    public string $why = '';

    /** µm left, as computed when it was recorded; null: unknown. */
    #[ORM\Column(nullable: true)]
    public ?int $finishedUm = null;

    /** µm found on arrival, before anything was cut. */
    #[ORM\Column(nullable: true)]
    public ?int $arrivalUm = null;

    #[ORM\Column]
    public bool $ownerCut = false;

    public function __construct(
        Uuid $id,
        Visit $visit,
        string $zone,
        string $state,
        ZoneRecipe $planned,
        ZoneRecipe $actual,
    ) {
        $this->id = $id;
        $this->salon = $visit->salon;
        $this->visit = $visit;
        $this->zone = $zone;
        $this->state = $state;
        $this->planned = $planned;
        $this->actual = $actual;
    }
}
