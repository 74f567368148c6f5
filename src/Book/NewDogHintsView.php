<?php

/** What the form of a new dog is told while it is typed: what its breed usually has, which home may be the same. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Input\Says;

final readonly class NewDogHintsView
{
    /**
     * @param list<array{field: string, value: string, label: string}> $suggests
     * @param list<array{id: string, name: string, people: list<array{name: string, phone: string}>,
     *     dogs: list<string>}> $homes
     * @param list<array{zone: string, mm: float}> $carries
     */
    public function __construct(
        #[Says('fields of the form and what this breed usually has there')] public array $suggests,
        #[Says('from which words; empty where none is known')] public string $why,
        #[Says('homes in the book with a person of such a name')] public array $homes,
        #[Says('what such a coat usually carries: a picture until somebody plans')] public array $carries,
    ) {
    }
}
