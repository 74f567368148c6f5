<?php

/** What would have gone out to an owner, kept in the outbox. */

declare(strict_types=1);

namespace KeenThistle\Outbox;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Client;
use KeenThistle\Book\Dog;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'id'])]
#[ORM\Index(columns: ['state', 'id'])]
class Message implements SalonOwned
{
    use Owned;

    /** Null: it goes to somebody who works here. */
    #[ORM\ManyToOne(targetEntity: Dog::class)]
    public ?Dog $dog;

    #[ORM\ManyToOne(targetEntity: Client::class)]
    public ?Client $client;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\Column(length: 16)]
    public string $kind;

    /** Number or address it went to. */
    #[ORM\Column(name: 'sent_to', length: 120)]
    public string $to;

    #[ORM\Column(length: 1000)]
    public string $text;

    /**
     * waiting (kept, not handed over yet), sending, sent, failed, or stopped (it never goes out). Moved in SQL only,
     * by the outbox.
     */
    #[ORM\Column(length: 8)]
    public string $state = 'waiting';

    /** What the sender said. */
    #[ORM\Column(length: 200)]
    public string $receipt = '';

    /** How often it was taken to be handed over. */
    #[ORM\Column(type: 'smallint', options: ['default' => 0])]
    public int $tries = 0;

    /** When it was taken to be handed over. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $claimedAt = null;

    /** The end of quiet hours; null: at once. */
    #[ORM\Column(nullable: true)]
    public ?\DateTimeImmutable $notBefore = null;

    public function __construct(
        ?Dog $dog,
        ?Client $client,
        Staff $staff,
        \DateTimeImmutable $at,
        string $kind,
        string $to,
        string $text,
    ) {
        $this->id = Uuid::v7();
        $this->salon = $staff->salon;
        $this->dog = $dog;
        $this->client = $client;
        $this->staff = $staff;
        $this->at = $at;
        $this->kind = $kind;
        $this->to = $to;
        $this->text = $text;
    }
}
