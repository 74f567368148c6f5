<?php

/** A dog's form: every field with its bounds, so that each error stands at its field. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Coat\Finish;
use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Interval\Ground;
use KeenThistle\Core\Zone\Absent;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Kilograms;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;

final readonly class DogForm
{
    /**
     * @param list<string> $markings
     * @param list<string> $health
     * @param list<string> $apart
     * @param list<string> $absent
     */
    public function __construct(
        #[Line(1, 60), Says('the dog\'s name')] public string $name,
        #[Line(1, 80), Says('breed or cross, as the owner says it')] public string $breed,
        #[Choice(CoatType::class, 'coat'), Says('coat type')] public CoatType $coat,
        #[Choice(Dog::SEXES, 'sex')] public string $sex = 'female',
        public ?\DateTimeImmutable $born_on = null,
        public bool $born_estimated = false,
        #[Kilograms] public ?float $kg = null,
        #[Choice(Dog::BUILDS, 'build')] public string $build = 'square',
        #[Choice(Dog::MUZZLES, 'muzzle')] public string $muzzle = 'medium',
        #[Choice(Dog::EAR_TYPES, 'ear type')] public string $ear_type = 'drop',
        #[Choice(Dog::EAR_SETS, 'ear set')] public string $ear_set = 'level',
        #[Choice(Dog::TAIL_TYPES, 'tail type')] public string $tail_type = 'long',
        #[Choice(Dog::CARRIAGES, 'tail carriage')] public string $tail_carriage = 'up',
        #[Choice(CoatStage::class, 'coat stage')] public CoatStage $stage = CoatStage::Adult,
        #[Choice(Dog::DENSITIES, 'density')] public string $density = 'medium',
        #[Choice(Dog::COLOURS, 'colour'),
            Says('colour of most of the coat; empty: not said'),]
        public string $colour = '',
        #[ListOf(new Choice(Dog::MARKINGS, 'marking'), 0, 8)] public array $markings = [],
        #[Choice(Upkeep::class, 'upkeep')] public Upkeep $upkeep = Upkeep::Weekly,
        #[Choice(Finish::class, 'finish')] public Finish $finish = Finish::Neat,
        #[Choice(Ground::class, 'ground')] public Ground $ground = Ground::Mixed,
        public bool $hard_floor = false,
        #[Whole(0, 8)] public int $dewclaws = 2,
        public bool $hand_stripped = false,
        #[Choice(Handling::class, 'handling')] public Handling $handling = Handling::Calm,
        #[Text(0, 1000)] public string $handling_note = '',
        #[ListOf(new Choice(Dog::HEALTH, 'health flag'), 0, 10)] public array $health = [],
        #[Text(0, 1000)] public string $health_note = '',
        #[Line(0, 120)] public string $vet = '',
        #[Line(0, 120)] public string $emergency = '',
        #[Line(0, 200)] public string $may_collect = '',
        public bool $photo_consent = false,
        #[Choice(Dog::STATES, 'state')] public string $state = 'active',
        #[Whole(1, 52)] public ?int $wish_weeks = null,
        #[Text(0, 300), Says('time and price that were said on the phone before anybody had seen it')]
        public string $told = '',
        #[Text(0, 1000), Says('how it is trimmed, as its paper card says it')] public string $paper = '',
        #[Says('last day that its proof of vaccination holds; null: none was noted')]
        public ?\DateTimeImmutable $vaccinated_until = null,
        #[ListOf(new Text(36, 36), 0, 20), Says('ids of dogs in the book that it must not meet')]
        public array $apart = [],
        #[Says('it bears noise badly: not at the loud hour')] public bool $quiet = false,
        #[ListOf(new Choice(Absent::PARTS, 'part'), 0, 6), Says('ears and legs that it has not')]
        public array $absent = [],
        #[Text(36, 36), Says('id of a household that is in the book already')] public ?string $household = null,
        public ?OwnerForm $owner = null,
    ) {
    }

    /** @throws InvalidInput for a birth date in the future */
    public function into(Dog $dog, \DateTimeImmutable $today): void
    {
        if (null !== $this->born_on && $this->born_on->format('Y-m-d') > $today->format('Y-m-d')) {
            throw InvalidInput::at('born_on', 'must not be in the future');
        }
        $dog->name = trim($this->name);
        $dog->breed = trim($this->breed);
        $dog->sex = $this->sex;
        $dog->bornOn = $this->born_on;
        $dog->bornEstimated = $this->born_estimated;
        $dog->kg = $this->kg;
        $dog->build = $this->build;
        $dog->muzzle = $this->muzzle;
        $dog->earType = $this->ear_type;
        $dog->earSet = $this->ear_set;
        $dog->tailType = $this->tail_type;
        $dog->tailCarriage = $this->tail_carriage;
        $dog->coat = $this->coat;
        $dog->stage = $this->stage;
        $dog->density = $this->density;
        $dog->colour = $this->colour;
        $dog->markings = array_values(array_unique($this->markings));
        $dog->upkeep = $this->upkeep;
        $dog->finish = $this->finish;
        $dog->ground = $this->ground;
        $dog->hardFloor = $this->hard_floor;
        $dog->dewclaws = $this->dewclaws;
        $dog->handStripped = $this->hand_stripped;
        $dog->handling = $this->handling;
        $dog->handlingNote = trim($this->handling_note);
        $dog->health = array_values(array_unique($this->health));
        $dog->healthNote = trim($this->health_note);
        $dog->vet = trim($this->vet);
        $dog->emergency = trim($this->emergency);
        $dog->mayCollect = trim($this->may_collect);
        $dog->photoConsent = $this->photo_consent;
        $dog->state = $this->state;
        $dog->wishWeeks = $this->wish_weeks;
        $dog->told = trim($this->told);
        $dog->paper = trim($this->paper);
        $dog->vaccinatedUntil = $this->vaccinated_until;
        $dog->apart = array_values(array_unique($this->apart));
        $dog->quiet = $this->quiet;
        $dog->absent = array_values(array_unique($this->absent));
    }
}
