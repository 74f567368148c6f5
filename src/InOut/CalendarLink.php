<?php

/** A calendar of a person or a place that others may subscribe to: its link is made anew with each round. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['subject'])]
class CalendarLink implements SalonOwned
{
    use Owned;
    use Versioned;

    /** Id of the person or the place. */
    #[ORM\Column(type: 'uuid')]
    public Uuid $subject;

    /** Another round, another secret: links of before open nothing. */
    #[ORM\Column(type: 'smallint')]
    public int $round = 0;

    #[ORM\Column]
    public bool $open = false;

    public function __construct(Salon $salon, Uuid $subject)
    {
        $this->id = Uuid::v7();
        $this->salon = $salon;
        $this->subject = $subject;
    }
}
