<?php

/** Who is signed in, as the screens need it. */

declare(strict_types=1);

namespace KeenThistle\Staff;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class SessionView
{
    /**
     * @param list<string> $may
     * @param list<array{id: string, name: string, kind: string}> $places
     * @param list<array{id: string, name: string, role: string}> $colleagues
     * @param list<array{id: string, salon: string}> $salons
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $role,
        public string $role_label,
        #[Gives("list<'read'|'phone'|'plan'|'visit'|'book'|'money'|'dog'|'kit'|'house'|'people'>")] public array $may,
        public string $salon,
        public ?string $place,
        public array $places,
        public array $colleagues,
        public string $csrf,
        public string $currency,
        #[Says('made up, to look around in')] public bool $demo,
        #[Says('a wrong PIN was typed for this person so often that it takes their password again')]
        public ?string $pin_refused_at,
        #[Gives("'device'|'light'|'dark'")] public string $theme,
        #[Says('the dog on the right, what is tapped on the left')] public bool $left_handed,
        #[Gives("'en'|'en-US'")] public string $language,
        #[Gives("'en'|'en-US'|null"), Says('as they have chosen; null: the salon\'s')]
        public ?string $own_language,
        #[Gives("'metric'|'us'"), Says('how weights and lengths are shown and typed')] public string $units,
        #[Says('where else this person works, by the id they have there')] public array $salons,
    ) {
    }
}
