<?php

/** A photo of a zone before or after; the files lie in the photo store under its id. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Staff;
use Symfony\Component\Uid\TimeBasedUidInterface;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['arrival_id', 'id'])]
class Photo implements SalonOwned
{
    use Owned;

    public const MOMENTS = ['before', 'after'];

    #[ORM\ManyToOne(targetEntity: Arrival::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Arrival $arrival;

    #[ORM\ManyToOne(targetEntity: Staff::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Staff $staff;

    /** Zone id, or "whole" for the dog. */
    #[ORM\Column(length: 40)]
    public string $zone;

    #[ORM\Column(length: 6)]
    public string $moment;

    #[ORM\Column]
    public int $width;

    #[ORM\Column]
    public int $height;

    public function __construct(
        Uuid $id,
        Arrival $arrival,
        Staff $staff,
        string $zone,
        string $moment,
        int $width,
        int $height,
    ) {
        $this->id = $id;
        $this->salon = $arrival->salon;
        $this->arrival = $arrival;
        $this->staff = $staff;
        $this->zone = $zone;
        $this->moment = $moment;
        $this->width = $width;
        $this->height = $height;
    }

    /** By a manager always, by who took it within a day; when that was, its id says. */
    public static function mayBeTakenOut(Uuid $id, bool $isOwn, Staff $by, \DateTimeImmutable $now): bool
    {
        $taken =
            $id instanceof TimeBasedUidInterface
                ? $id->getDateTime()
                : throw new \LogicException('A photo\'s id carries its time.');

        return $by->may(May::HOUSE) || ($isOwn && $taken > $now->modify('-1 day'));
    }
}
