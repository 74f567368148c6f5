<?php

/** A client's dog: what it is, how it is built, what it will stand for, and who looks after it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Zone\Absent;
use KeenThistle\Log\Subject;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\SalonOwned;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\Index(columns: ['salon_id', 'name', 'id'])]
#[ORM\Index(columns: ['salon_id', 'due_on'])]
class Dog implements SalonOwned, Subject
{
    use Owned;

    public const BUILDS = ['low', 'square', 'leggy', 'broad'];
    public const MUZZLES = ['flat', 'short', 'medium', 'long'];
    public const EAR_TYPES = ['drop', 'short_drop', 'long_drop', 'button', 'rose', 'prick'];
    public const EAR_SETS = ['high', 'level', 'low'];
    public const TAIL_TYPES = ['long', 'plume', 'curled', 'bob'];
    public const CARRIAGES = ['up', 'level', 'down'];
    public const SEXES = ['female', 'male', 'female_neutered', 'male_neutered'];
    public const DENSITIES = ['fine', 'medium', 'dense'];
    /** The first where nobody has said. */
    public const COLOURS = ['', 'white', 'cream', 'apricot', 'red', 'brown', 'grey', 'black'];
    public const MARKINGS = [
        'white_chest',
        'white_feet',
        'white_face',
        'white_tail_tip',
        'dark_face',
        'dark_back',
        'tan_points',
        'patches',
    ];
    public const HEALTH = [
        'heart',
        'airway',
        'seizures',
        'joints',
        'age',
        'skin',
        'surgery',
        'pregnant',
        'in_season',
        'bites',
    ];
    public const STATES = ['active', 'paused', 'moved', 'passed_away'];
    /** Another record is this dog: nothing is done with this one any more, and no form says so. */
    public const MERGED = 'merged';

    #[ORM\ManyToOne(targetEntity: Household::class)]
    #[ORM\JoinColumn(nullable: false)]
    public Household $household;

    #[ORM\Column(length: 60)]
    public string $name;

    #[ORM\Column(length: 80)]
    public string $breed;

    #[ORM\Column(length: 20)]
    public string $sex = 'female';

    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $bornOn = null;

    #[ORM\Column]
    public bool $bornEstimated = false;

    #[ORM\Column(nullable: true)]
    public ?float $kg = null;

    #[ORM\Column(length: 10)]
    public string $build = 'square';

    #[ORM\Column(length: 10)]
    public string $muzzle = 'medium';

    #[ORM\Column(length: 12)]
    public string $earType = 'drop';

    #[ORM\Column(length: 10)]
    public string $earSet = 'level';

    #[ORM\Column(length: 10)]
    public string $tailType = 'long';

    #[ORM\Column(length: 10)]
    public string $tailCarriage = 'up';

    #[ORM\Column(enumType: CoatType::class, length: 20)]
    public CoatType $coat;

    #[ORM\Column(enumType: CoatStage::class, length: 12)]
    public CoatStage $stage = CoatStage::Adult;

    #[ORM\Column(length: 10)]
    public string $density = 'medium';

    #[ORM\Column(length: 10, options: ['default' => ''])]
    public string $colour = '';

    /** @var list<string> of self::MARKINGS */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $markings = [];

    #[ORM\Column(enumType: Upkeep::class, length: 20)]
    public Upkeep $upkeep = Upkeep::Weekly;

    #[ORM\Column(enumType: Finish::class, length: 10)]
    public Finish $finish = Finish::Neat;

    #[ORM\Column(enumType: Ground::class, length: 10)]
    public Ground $ground = Ground::Mixed;

    #[ORM\Column]
    public bool $hardFloor = false;

    #[ORM\Column]
    public int $dewclaws = 2;

    #[ORM\Column]
    public bool $handStripped = false;

    #[ORM\Column(enumType: Handling::class, length: 12)]
    public Handling $handling = Handling::Calm;

    #[ORM\Column(length: 1000)]
    public string $handlingNote = '';

    /** @var list<string> of self::HEALTH */
    #[ORM\Column(type: 'json')]
    public array $health = [];

    #[ORM\Column(length: 1000)]
    public string $healthNote = '';

    #[ORM\Column(length: 120)]
    public string $vet = '';

    #[ORM\Column(length: 120)]
    public string $emergency = '';

    #[ORM\Column(length: 200)]
    public string $mayCollect = '';

    #[ORM\Column]
    public bool $photoConsent = false;

    /** @var array<string, float> mm and ratios as measured on this dog, by the names of MeasuresController::shape() */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $measures = [];

    /**
     * Proportions as an eye sees them: point => side, by BalanceRule::points().
     *
     * @var array<string, string>
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $seen = [];

    /** @var list<array{string, string}> zones between which the card wants a hard line */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $hardLines = [];

    /**
     * Points on which this card differs from the salon's schools: point => side.
     *
     * @var array<string, string>
     */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $schools = [];

    /**
     * @var list<array{id: string, product: string, name: string, what: string, on: string, who: string}> what this
     *     dog's skin did not bear, newest last
     */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $reactions = [];

    #[ORM\Column(length: 12)]
    public string $state = 'active';

    #[ORM\Column(nullable: true)]
    public ?int $wishWeeks = null;

    /** The day its next visit is due, as its clocks say; null: nobody knows. Moved in SQL only, as the two below. */
    #[ORM\Column(type: 'date_immutable', nullable: true, updatable: false)]
    public ?\DateTimeImmutable $dueOn = null;

    /** Of that visit. */
    #[ORM\Column(length: 8, updatable: false, options: ['default' => ''])]
    public string $dueKind = '';

    /** The version of the card that this was reckoned from. */
    #[ORM\Column(updatable: false, options: ['default' => 0])]
    public int $dueVersion = 0;

    /** The last day that its proof of vaccination holds. */
    #[ORM\Column(type: 'date_immutable', nullable: true)]
    public ?\DateTimeImmutable $vaccinatedUntil = null;

    /** @var list<string> ids of dogs it must not meet; it is enough that one of the two says so */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $apart = [];

    /** @var list<string> of Absent::PARTS: what it has not */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $absent = [];

    /** It bears noise badly: not at the loud hour. */
    #[ORM\Column(options: ['default' => false])]
    public bool $quiet = false;

    /** Time and price that were said on the phone before anybody had seen it. */
    #[ORM\Column(length: 300, options: ['default' => ''])]
    public string $told = '';

    /** How it is trimmed, as a paper card or a sheet said it; offered as shorthand. */
    #[ORM\Column(length: 1000, options: ['default' => ''])]
    public string $paper = '';

    /**
     * Of what its form says, named in If-Match: grows where that changes, so that measuring an ear holds up nobody's
     * form.
     */
    #[ORM\Column(options: ['default' => 1])]
    public int $version = 1;

    /** Of the whole row, in the WHERE of every UPDATE. */
    #[ORM\Version]
    #[ORM\Column(type: 'integer', options: ['default' => 1])]
    public int $rowVersion = 1;

    /** Grows (in SQL only, by the change log) with every change that shows on the card: the ETag of live sharing. */
    #[ORM\Column(updatable: false)]
    public int $cardVersion = 1;

    public function __construct(Uuid $id, Household $household, string $name, string $breed, CoatType $coat)
    {
        $this->id = $id;
        $this->salon = $household->salon;
        $this->household = $household;
        $this->name = $name;
        $this->breed = $breed;
        $this->coat = $coat;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    /** @return list<string> ids of the zones of what it has not */
    public function absentZones(): array
    {
        return Absent::zones($this->absent);
    }
}
