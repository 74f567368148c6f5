<?php

/** What somebody of a home said yes or no to: in which words, when, to whom. Followed by another, never changed. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Care\ConsentWords;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['household_id', 'id'])]
class Consent implements SalonOwned
{
    use Owned;

    #[ORM\ManyToOne(targetEntity: Household::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Household $household;

    /** Who said so, of messages; null: of no person, or of one who is of this home no more. */
    #[ORM\ManyToOne(targetEntity: Client::class)]
    public ?Client $client = null;

    /** Of photos: of which dog. */
    #[ORM\ManyToOne(targetEntity: Dog::class)]
    public ?Dog $dog = null;

    #[ORM\Column(length: 200)]
    public string $text;

    #[ORM\Column]
    public \DateTimeImmutable $at;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    private function __construct(Household $household, string $text, Staff $staff, \DateTimeImmutable $at)
    {
        $this->id = Uuid::v7();
        $this->salon = $household->salon;
        $this->household = $household;
        $this->text = $text;
        $this->staff = $staff;
        $this->at = $at;
    }

    public static function toMessages(Client $client, Staff $staff, \DateTimeImmutable $at): self
    {
        $consent = new self($client->household, ConsentWords::messages($client->writes), $staff, $at);
        $consent->client = $client;

        return $consent;
    }

    public static function toPhotos(Dog $dog, Staff $staff, \DateTimeImmutable $at): self
    {
        $consent = new self($dog->household, ConsentWords::photos($dog->photoConsent), $staff, $at);
        $consent->dog = $dog;

        return $consent;
    }
}
