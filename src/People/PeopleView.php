<?php

/** Who works in the salon, who is invited, and what each role may. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;

final readonly class PeopleView
{
    /**
     * @param list<PersonView>                                                  $people
     * @param list<InvitationView>                                              $invitations
     * @param list<array{id: string, label: string, may: list<string>}> $roles
     */
    public function __construct(
        #[Gives('list<PersonView>')] public array $people,
        #[Gives('list<InvitationView>')] public array $invitations,
        public array $roles,
    ) {
    }
}
