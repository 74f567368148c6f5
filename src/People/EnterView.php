<?php

/** What a one-time link opens. A response record. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;

final readonly class EnterView
{
    /**
     * @param list<string>                             $time_zones
     * @param list<array{id: string, label: string}> $currencies
     */
    public function __construct(
        #[Gives("'begin'|'join'|'reset'")] public string $kind,
        public string $until,
        #[Says('null: there is none yet')] public ?string $salon,
        #[Says('of who enters, where it is known')] public string $name,
        #[Says('of whose password it is')] public ?string $login,
        public ?string $role_label,
        #[Says('to choose from when a salon begins')] public array $time_zones,
        public array $currencies,
        #[Says('letters that a password must have')] public int $password_least,
    ) {
    }

    public static function of(OneTimeLink $link): self
    {
        $begins = OneTimeLink::BEGIN === $link->kind;

        return new self(
            $link->kind,
            $link->untilAt->format('Y-m-d\TH:i:s\Z'),
            $link->salon?->name,
            $link->staff->name ?? $link->name,
            $link->staff?->login,
            $link->role?->label(),
            $begins ? \DateTimeZone::listIdentifiers() : [],
            $begins ? Currencies::named() : [],
            Passwords::LEAST,
        );
    }
}
