<?php

/** What a measurement changes, found card by card: how far that has come, so that it can be left and taken up again. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use KeenThistle\Staff\Staff;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

/**
 * Lengths themselves are never stored on a card: they follow from the kit at once. Only the list of differences takes
 * its time.
 */
#[ORM\Entity]
#[ORM\Index(columns: ['item_id', 'id'])]
class Derivation implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\ManyToOne(targetEntity: KitItem::class)]
    #[ORM\JoinColumn(nullable: false)]
    public KitItem $item;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(type: 'datetime_immutable')]
    public \DateTimeImmutable $at;

    /** µm; null: not measured before. */
    #[ORM\Column(nullable: true)]
    public ?int $beforeUm;

    #[ORM\Column(length: 8, nullable: true)]
    public ?string $beforeBase;

    #[ORM\Column(enumType: Lay::class, length: 8, nullable: true)]
    public ?Lay $beforeLay;

    #[ORM\Column(nullable: true)]
    public ?int $afterUm;

    #[ORM\Column(length: 8, nullable: true)]
    public ?string $afterBase;

    #[ORM\Column(enumType: Lay::class, length: 8, nullable: true)]
    public ?Lay $afterLay;

    /** The last plan that was looked at; plans are taken by their ids. */
    #[ORM\Column(type: UuidType::NAME, nullable: true)]
    public ?Uuid $reached = null;

    #[ORM\Column]
    public int $done = 0;

    #[ORM\Column]
    public int $total;

    /** Cards of which a length is another now. */
    #[ORM\Column]
    public int $changed = 0;

    #[ORM\Column(type: 'datetime_immutable', nullable: true)]
    public ?\DateTimeImmutable $finishedAt = null;

    /** @param array{um: int|null, base: string|null, lay: Lay|null} $before */
    public function __construct(
        Uuid $id,
        KitItem $item,
        Staff $staff,
        \DateTimeImmutable $at,
        array $before,
        int $total,
    ) {
        $this->id = $id;
        $this->salon = $item->salon;
        $this->item = $item;
        $this->staff = $staff;
        $this->at = $at;
        [$this->beforeUm, $this->beforeBase, $this->beforeLay] = [$before['um'], $before['base'], $before['lay']];
        [$this->afterUm, $this->afterBase, $this->afterLay] = [
            $item->measuredUm,
            $item->measuredBase,
            $item->measuredLay,
        ];
        $this->total = $total;
    }
}
