<?php

/** One tap at the table, kept for good; counted once whatever the network does. */

declare(strict_types=1);

namespace KeenThistle\Table;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Table\Tap;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['groom_id', 'tap'])]
#[ORM\UniqueConstraint(columns: ['groom_id', 'seq'])]
class GroomTap implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Groom::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Groom $groom;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    /** The device's own name for it, by which a second sending is known. */
    #[ORM\Column(length: 64, options: ['charset' => 'ascii', 'collation' => 'ascii_bin'])]
    public string $tap;

    #[ORM\Column]
    public int $seq;

    #[ORM\Column(length: 64)]
    public string $device;

    /** When it was tapped, by the server's clock, to the millisecond: ISO 8601, UTC. */
    #[ORM\Column(length: 24)]
    public string $at;

    #[ORM\Column(length: 12)]
    public string $kind;

    /** @var array<string, mixed> */
    #[ORM\Column(type: 'json')]
    public array $data;

    /** Kept, but not counted: somebody else had tapped the same zone otherwise. */
    #[ORM\Column]
    public bool $held;

    public function __construct(Groom $groom, Staff $staff, Tap $tap)
    {
        $this->id = Uuid::v7();
        $this->salon = $groom->salon;
        $this->groom = $groom;
        $this->staff = $staff;
        $this->tap = $tap->id;
        $this->seq = $tap->seq;
        $this->device = $tap->device;
        $this->at = $tap->at->format('Y-m-d\TH:i:s.v');
        $this->kind = $tap->kind;
        $this->data = $tap->data;
        $this->held = $tap->held;
    }
}
