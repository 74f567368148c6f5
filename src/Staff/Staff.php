<?php

/** A person who works in a salon and signs in. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use Doctrine\ORM\Mapping as ORM;
use KeenThistle\Core\Timing\Opening;
use KeenThistle\Salon\Owned;
use KeenThistle\Salon\Place;
use KeenThistle\Salon\Salon;
use KeenThistle\Salon\SalonOwned;
use KeenThistle\Salon\Versioned;
use Symfony\Bridge\Doctrine\Types\UuidType;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['login'])]
#[ORM\Index(columns: ['salon_id', 'active', 'name'])]
#[ORM\Index(columns: ['human'])]
class Staff implements SalonOwned
{
    use Owned;
    use Versioned;

    #[ORM\Column(length: 80)]
    public string $name;

    /** What is typed to sign in; unique over all salons, compared without case. */
    #[ORM\Column(length: 80)]
    public string $login;

    #[ORM\Column(enumType: Role::class, length: 20)]
    public Role $role;

    #[ORM\Column(length: 255)]
    public string $passwordHash;

    /** Hash of the short PIN for changing person on a shared tablet. */
    #[ORM\Column(length: 255)]
    public string $pinHash;

    #[ORM\ManyToOne(targetEntity: Place::class)]
    public ?Place $place;

    /** How sure this person is with dogs that bear a task badly, 1 to 5. */
    #[ORM\Column(options: ['default' => 3])]
    public int $confidence = 3;

    /** @var array<string, int> task of SkillForm::TASKS => 0 to 5; a task that is not there: not said */
    #[ORM\Column(type: 'json', options: ['default' => '{}'])]
    public array $skills = [];

    /** @var list<array{day: string, from: string, to: string}> days left out are free; none at all: not said */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $hours = [];

    /** @var list<array{from: string, to: string, why: string, yearly?: bool}> */
    #[ORM\Column(type: 'json', options: ['default' => '[]'])]
    public array $away = [];

    /** "12:30" to "13:00", each day; empty: none is said. */
    #[ORM\Column(length: 5, options: ['default' => ''])]
    public string $breakFrom = '';

    #[ORM\Column(length: 5, options: ['default' => ''])]
    public string $breakTo = '';

    /** Most heavy dogs a day; null: any number. */
    #[ORM\Column(nullable: true)]
    public ?int $heavyMost = null;

    /** Most minutes of stripping by hand a day; null: as many as there are. */
    #[ORM\Column(nullable: true)]
    public ?int $stripMost = null;

    /** Where an invitation or a new password is sent. */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    public string $email = '';

    /** One of ScreenForm::THEMES. */
    #[ORM\Column(length: 6, options: ['default' => 'device'])]
    public string $theme = 'device';

    /** The dog on the right, what is tapped on the left. */
    #[ORM\Column(options: ['default' => false])]
    public bool $leftHanded = false;

    /** One of Languages; null: the salon's. */
    #[ORM\Column(length: 5, nullable: true)]
    public ?string $language = null;

    /** Shared by the rows that one person has in several salons. Set in SQL only. */
    #[ORM\Column(type: UuidType::NAME, nullable: true, updatable: false)]
    public ?Uuid $human = null;

    #[ORM\Column]
    public bool $active = true;

    /** Wrong PINs since the last right one. Set in SQL only. */
    #[ORM\Column(updatable: false, options: ['default' => 0])]
    public int $pinFailures = 0;

    /** When a wrong PIN was typed for this person once too often: until they type their password. Set in SQL only. */
    #[ORM\Column(nullable: true, updatable: false)]
    public ?\DateTimeImmutable $pinRefusedAt = null;

    public function __construct(
        Uuid $id,
        Salon $salon,
        string $name,
        string $login,
        Role $role,
        string $passwordHash,
        string $pinHash,
        ?Place $place = null,
    ) {
        $this->id = $id;
        $this->salon = $salon;
        $this->name = $name;
        $this->login = $login;
        $this->role = $role;
        $this->passwordHash = $passwordHash;
        $this->pinHash = $pinHash;
        $this->place = $place;
    }

    public function opening(): Opening
    {
        return new Opening($this->hours, $this->away);
    }

    /** Whether this person takes a finer blade under felt, or a small trimmer at the eye. */
    public function isExperienced(): bool
    {
        return $this->confidence >= 4;
    }

    /** @param string $permission one of May's constants */
    public function may(string $permission): bool
    {
        return \in_array($permission, $this->role->permissions(), true);
    }
}
