<?php

/** A room of the salon or its van: where tools live and dogs are groomed. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Timing\Opening;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'position'])]
class Place implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\Column(length: 60)]
    public string $name;

    /** "room" or "van". */
    #[ORM\Column(length: 8)]
    public string $kind;

    #[ORM\Column]
    public int $position;

    /** False: nobody works and no tool lives there any more; what was done there still says so. */
    #[ORM\Column(options: ['default' => true])]
    public bool $open = true;

    /** @var list<array{day: string, from: string, to: string}> days left out are free; none at all: not said */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $hours = [];

    /** @var list<array{from: string, to: string, why: string, yearly?: bool}> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $closedDays = [];

    /**
     * @var array{tubs?: int, tables?: int, dryers?: int, pens?: int, watts?: int, loud?: bool, lift?: bool,
     *     loud_from?: string, loud_to?: string}
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $stations = [];

    /**
     * Of a van: where its day begins, what it holds, how far from the time told it may come, where it is filled.
     *
     * @var array{base?: string, tank?: float, battery?: float, early?: int, late?: int,
     *     refills?: list<array{at: string, water: bool, power: bool, minutes: int}>} minutes, litres
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $round = [];

    public function __construct(Uuid $id, Salon $salon, string $name, string $kind, int $position)
    {
        $this->id = $id;
        $this->salon = $salon;
        $this->name = $name;
        $this->kind = $kind;
        $this->position = $position;
    }

    /** @return array{int, int}|null from and to, minutes from midnight, when it is loudest; null: no hour is */
    public function loudHours(): ?array
    {
        $minutes = static fn (string $time): int => 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
        $from = $this->stations['loud_from'] ?? '';

        return '' === $from ? null : [$minutes($from), $minutes($this->stations['loud_to'] ?? '24:00')];
    }

    public function opening(): Opening
    {
        return new Opening($this->hours, $this->closedDays);
    }
}
