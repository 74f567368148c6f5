<?php

/** Somebody who does not live in a home but is called, or fetches a dog, for it. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;

final readonly class HomeOtherForm
{
    public const ROLES = ['second', 'collector'];

    public function __construct(
        #[Line(2, 80), Says('name')] public string $name,
        #[Line(0, 40), Says('phone number')] public string $phone = '',
        #[Choice(self::ROLES, 'role'), Says('called where nobody of the home answers, or only fetches')]
        public string $role = 'collector',
        #[Says('may fetch the dogs')] public bool $collects = true,
        #[Line(0, 60), Says('what they say at the door, so that they are known')] public string $word = '',
    ) {
    }

    /** @return array{name: string, phone: string, role: string, collects: bool, word: string} */
    public function row(): array
    {
        return [
            'name' => trim($this->name),
            'phone' => trim($this->phone),
            'role' => $this->role,
            'collects' => $this->collects,
            'word' => trim($this->word),
        ];
    }
}
