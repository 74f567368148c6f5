<?php

/** What a manager may change of a person: never their password. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;
use KeenThistle\Staff\Role;

final readonly class PersonChange
{
    /**
     * @param list<SkillForm>|null  $skills
     * @param list<HoursForm>|null  $hours
     * @param list<ClosedForm>|null $away
     */
    public function __construct(
        #[Line(2, 80)] public string $name,
        #[Choice(Role::class, 'role')] public Role $role,
        #[Whole(1, 5), Says('how sure with dogs that bear a task badly')] public int $confidence,
        #[Says('false: works here no more')] public bool $active,
        #[Text(0, 36), Says('id of the place where they usually work')] public ?string $place = null,
        #[Line(0, 120), Says('e-mail address')] public string $email = '',
        #[ListOf(SkillForm::class, 0, 7), Says('by task; null: as they are')] public ?array $skills = null,
        #[ListOf(HoursForm::class, 0, 7), Says('when they work; null: as it is')] public ?array $hours = null,
        #[ListOf(ClosedForm::class, 0, 60), Says('days on which they are away; null: as they are')]
        public ?array $away = null,
        #[Line(0, 12), Says('their break of each day, such as 12:30; empty: none; null: as it is')]
        public ?string $break_from = null,
        #[Line(0, 12)] public ?string $break_to = null,
        #[Whole(0, 40), Says('most heavy dogs a day; null: any number')] public ?int $heavy_most = null,
        #[Whole(0, 600), Says('most minutes of stripping a day; null: as many as there are')]
        public ?int $strip_most = null,
    ) {
    }

    /** @throws InvalidInput for what is no address */
    public function address(): string
    {
        $email = trim($this->email);

        return '' === $email || false !== filter_var($email, \FILTER_VALIDATE_EMAIL)
            ? $email
            : throw InvalidInput::at('email', 'is no e-mail address');
    }
}
