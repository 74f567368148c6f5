<?php

/** A house pattern: a plan the salon gives many dogs, each with its own exceptions. */

declare(strict_types=1);

namespace KeenThistle\Pattern;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Table('house_pattern')]
#[ORM\UniqueConstraint(columns: ['salon_id', 'name'])]
class Pattern implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\Column(length: 60)]
    public string $name;

    #[ORM\Column(length: 300)]
    public string $note = '';

    /** The plan in the house's shorthand: the one form in which it is kept. */
    #[ORM\Column(type: 'text')]
    public string $line;

    /** Grows with every change of the line: cards that took an older one are behind. */
    #[ORM\Column(options: ['default' => 1])]
    public int $lineVersion = 1;

    public function __construct(Uuid $id, Salon $salon, string $name, string $line)
    {
        $this->id = $id;
        $this->salon = $salon;
        $this->name = $name;
        $this->line = $line;
    }
}
