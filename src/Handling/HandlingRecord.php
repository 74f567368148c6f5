<?php

/** What a dog will stand for with one tool: the salon's own record, and the owner's report apart from it. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['dog_id', 'tool'])]
class HandlingRecord implements SalonOwned
{
    use Owned;
    use Versioned;

    public const CAUSES = [
        '',
        'past_pain',
        'quicked_nail',
        'noise',
        'touched_there',
        'wrong_place',
        'new_motor',
        'medical',
    ];
    public const WORKS = [
        '',
        'other_paw_first',
        'from_behind',
        'owner_in_view',
        'owner_out_of_view',
        'feeding',
        'rest_breaks',
        'quiet_voice',
        'cool_dryer',
    ];

    #[ORM\ManyToOne(targetEntity: Dog::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Dog $dog;

    #[ORM\Column(enumType: Tool::class, length: 16)]
    public Tool $tool;

    /** 0 impossible to 5 at ease. */
    #[ORM\Column]
    public int $tolerance = 3;

    #[ORM\Column(name: 'place', length: 80)]
    public string $where = '';

    #[ORM\Column(name: 'trigger_note', length: 120)]
    public string $trigger = '';

    #[ORM\Column(length: 16)]
    public string $cause = '';

    #[ORM\Column(length: 20)]
    public string $works = '';

    #[ORM\Column(length: 120)]
    public string $hold = '';

    #[ORM\Column(length: 80)]
    public string $banned = '';

    #[ORM\Column(length: 40)]
    public string $marker = '';

    #[ORM\Column(length: 80)]
    public string $treats = '';

    #[ORM\Column]
    public bool $secondPerson = false;

    #[ORM\Column(length: 200)]
    public string $ownerSays = '';

    /**
     * Where on the dog it was written down for; none: of the dog as a whole, which says nothing of one place.
     *
     * @var list<string> of Core\Handling\Place
     */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $places = [];

    public function __construct(Uuid $id, Dog $dog, Tool $tool)
    {
        $this->id = $id;
        $this->salon = $dog->salon;
        $this->dog = $dog;
        $this->tool = $tool;
    }
}
