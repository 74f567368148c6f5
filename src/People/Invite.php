<?php

/** Who is to join the salon, as what. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Staff\Role;

final readonly class Invite
{
    public function __construct(
        #[Line(2, 80), Says('name, as colleagues know it')] public string $name,
        #[Choice(Role::class, 'role')] public Role $role,
        #[Text(0, 36), Says('id of the place where they usually work')] public ?string $place = null,
        #[Line(0, 120), Says('e-mail address; empty: the link is handed over by hand')] public string $email = '',
    ) {
    }
}
