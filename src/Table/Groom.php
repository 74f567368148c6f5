<?php

/**
 * One dog at the table, from the first step to the last: its plan and steps as they were when it began, and its taps.
 */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Arrival\Arrival;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visit;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

/**
 * @phpstan-type StepRow array{key: string, step: string, title: string, tool: string|null, zones: list<string>,
 *     places?: list<string>,
 *     minutes: float|null, cautions: list<string>, done_when: string, moved?: string}
 * @phpstan-type Estimate array{likely: float, phases: array<string, float>, price_minor: int|null,
 *     tax_minor?: int|null, price_terms: list<array{label: string, minor: int}>}
 */
#[ORM\Entity]
#[ORM\Index(columns: ['dog_id', 'opened_at'])]
#[ORM\Index(columns: ['salon_id', 'closed_at', 'opened_at'])]
class Groom implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    /** The dog while this is open, null once closed: a dog is at one table only. */
    #[ORM\Column(type: UuidType::NAME, unique: true, nullable: true)]
    public ?Uuid $openFor;

    #[ORM\ManyToOne(targetEntity: Arrival::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Arrival $arrival;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Place $place;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $openedBy;

    #[ORM\Column]
    public \DateTimeImmutable $openedAt;

    /** @var array<string, array<string, mixed>> zone => recipe as RecipeCodec writes it */
    #[ORM\Column(type: 'json')]
    public array $plan = [];

    /** @var list<StepRow> */
    #[ORM\Column(type: 'json')]
    public array $steps = [];

    /**
     * Today's list as it was made last: what it was made of, its rows as they are shown, the card as it was then.
     *
     * @var array<string, mixed>
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $today = [];

    /** @var list<string> what was named when it began: a school that forbids, what moved from the usual */
    #[ORM\Column(type: 'json')]
    public array $notices = [];

    /** @var Estimate|array{} */
    #[ORM\Column(type: 'json')]
    public array $estimate = [];

    /** Number of taps so far; raised under the row's lock, so that they have one order. */
    #[ORM\Column]
    public int $seq = 0;

    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $closedAt = null;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    public ?Staff $closedBy = null;

    #[ORM\ManyToOne(targetEntity: Visit::class)]
    public ?Visit $visit = null;

    /** Of the owner's home-care sheet. */
    #[ORM\Column(length: 32, unique: true, nullable: true)]
    public ?string $careToken = null;

    /** The link to it opens nothing any more from then on. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $linkUntil = null;

    /** @var array<string, mixed> what the home-care sheet says */
    #[ORM\Column(type: 'json')]
    public array $care = [];

    public function __construct(Uuid $id, Arrival $arrival, Place $place, Staff $staff, \DateTimeImmutable $at)
    {
        $this->id = $id;
        $this->salon = $arrival->salon;
        $this->dog = $arrival->dog;
        $this->openFor = $arrival->dog->id;
        $this->arrival = $arrival;
        $this->place = $place;
        $this->openedBy = $staff;
        $this->openedAt = $at;
    }

    public function close(Staff $by, \DateTimeImmutable $at): void
    {
        $this->closedBy = $by;
        $this->closedAt = $at;
        $this->openFor = null;
    }
}
