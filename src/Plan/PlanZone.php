<?php

/** One zone of a trim plan, with its own version so that two people can change two zones at once. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['plan_id', 'zone'])]
#[ORM\Index(columns: ['salon_id', 'blade'])]
#[ORM\Index(columns: ['salon_id', 'base'])]
#[ORM\Index(columns: ['salon_id', 'guard_um'])]
#[ORM\Index(columns: ['salon_id', 'clipper_unit'])]
class PlanZone implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: TrimPlan::class)]
    #[ORM\JoinColumn(nullable: false)]
    public TrimPlan $plan;

    #[ORM\Column(length: 40)]
    public string $zone;

    #[ORM\Embedded(class: ZoneRecipe::class, columnPrefix: false)]
    public ZoneRecipe $recipe;

    public function __construct(Uuid $id, TrimPlan $plan, string $zone, ZoneRecipe $recipe)
    {
        $this->id = $id;
        $this->salon = $plan->salon;
        $this->plan = $plan;
        $this->zone = $zone;
        $this->recipe = $recipe;
    }
}
