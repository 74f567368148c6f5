<?php

/** One salon: the owner of everything else, and its settings. */

declare(strict_types=1);

namespace KeenThistle\Salon;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Coat\Season;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
class Salon
{
    #[ORM\Id]
    #[ORM\Column(type: UuidType::NAME)]
    public Uuid $id;

    #[ORM\Column(length: 80)]
    public string $name;

    #[ORM\Column(length: 3)]
    public string $currency = 'EUR';

    #[ORM\Column(enumType: Season::class, length: 5)]
    public Season $hemisphere = Season::North;

    /** Whose day it is: a name of the time zone database. */
    #[ORM\Column(length: 40, options: ['default' => 'UTC'])]
    public string $timeZone = 'UTC';

    /** What its people read the screens in. */
    #[ORM\Column(length: 5, options: ['default' => 'en'])]
    public string $language = 'en';

    /** Made up, to look around in: every page says so. */
    #[ORM\Column(options: ['default' => false])]
    public bool $demo = false;

    /** Minor currency units per matting minute; an hour of it is what people say, so it may have a fraction. */
    #[ORM\Column]
    public float $matRateMinor = 80.0;

    /** Minor currency units per minute of work. */
    #[ORM\Column(options: ['default' => 60])]
    public float $rateMinor = 60.0;

    /** Whether this salon asks for proof of vaccination. */
    #[ORM\Column(options: ['default' => true])]
    public bool $asksForVaccination = true;

    #[ORM\Column]
    public float $matLimit = 12.0;

    /**
     * Chosen sides by point; points that are not there stand as the table has them.
     *
     * @var array<string, string>
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $schools = [];

    /** @var list<array{kind: string, name: string, drawing: string}> styles of its own, beside StyleTable's */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $styles = [];

    /** Of this row, in the WHERE of every UPDATE. */
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $houseVersion = 1;

    /** Grows (in SQL only) with every change to the kit, so that open cards know their lengths are old. */
    #[ORM\Column(updatable: false)]
    public int $kitVersion = 1;

    public function __construct(Uuid $id, string $name)
    {
        $this->id = $id;
        $this->name = $name;
    }
}
