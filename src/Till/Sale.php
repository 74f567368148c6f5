<?php

/** One bill that was settled, or one that took lines of it back. Never changed afterwards. */

declare(strict_types=1);

namespace KeenThistle\Till;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Money\Bill;
use KeenThistle\Core\Money\Line;
use KeenThistle\Core\Money\Payment;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

/**
 * @phpstan-type LineRow array{kind: string, label: string, minor: int, tax_percent: float, person: string}
 * @phpstan-type PaymentRow array{way: string, minor: int, voucher: string}
 */
#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['salon_id', 'number'])]
#[ORM\UniqueConstraint(columns: ['settles'])]
#[ORM\Index(columns: ['place_id', 'day'])]
#[ORM\Index(columns: ['reverses_id'])]
class Sale implements SalonOwned
{
    use Owned;

    /** 1, 2, 3 … in this salon, none left out. */
    #[ORM\Column]
    public int $number;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Place $place;

    /** Who took the money. */
    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column(type: 'date_immutable')]
    public \DateTimeImmutable $day;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    public ?Dog $dog = null;

    /** What it settles: "a:" with the id of an arrival, "b:" of a booking; null once it was taken back. In SQL only. */
    #[ORM\Column(length: 40, nullable: true, updatable: false)]
    public ?string $settles = null;

    /** The booking that its deposit is for or was. */
    #[ORM\Column(type: 'uuid', nullable: true)]
    public ?Uuid $booking = null;

    #[ORM\ManyToOne(targetEntity: self::class)]
    public ?self $reverses = null;

    /** @var list<int> which lines of that one */
    #[ORM\Column(type: 'json')]
    public array $reversed = [];

    #[ORM\Column(length: 200)]
    public string $why = '';

    /** @var list<LineRow> */
    #[ORM\Column(name: 'bill_lines', type: 'json')]
    public array $lines;

    /** @var list<PaymentRow> */
    #[ORM\Column(type: 'json')]
    public array $payments;

    #[ORM\Column]
    public int $total;

    #[ORM\Column(name: 'change_given')]
    public int $change;

    public function __construct(
        Uuid $id,
        int $number,
        Place $place,
        Staff $staff,
        \DateTimeImmutable $day,
        \DateTimeImmutable $at,
        Bill $bill,
    ) {
        $this->id = $id;
        $this->salon = $staff->salon;
        $this->number = $number;
        $this->place = $place;
        $this->staff = $staff;
        $this->day = $day;
        $this->at = $at;
        $this->lines = array_map(static fn (Line $l): array => $l->toArray(), $bill->lines);
        $this->payments = array_map(static fn (Payment $p): array => $p->toArray(), $bill->payments);
        $this->total = $bill->total;
        $this->change = $bill->change;
    }

    /** @return list<Line> */
    public function lines(): array
    {
        return array_map(Line::fromArray(...), $this->lines);
    }

    /** @return list<Payment> */
    public function payments(): array
    {
        return array_map(Payment::fromArray(...), $this->payments);
    }
}
