<?php

/** What an address book would come to. A response record. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class ContactsView
{
    /** @param list<ContactView> $contacts */
    public function __construct(
        #[Gives('list<ContactView>')] public array $contacts,
        #[Says('homes that were made of it; null: nothing was written')] public ?int $made = null,
    ) {
    }
}
