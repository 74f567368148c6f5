<?php

/** A home, as its page has it: all its people, the first one first. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class HomeForm
{
    /** @param list<HomePersonForm> $people */
    public function __construct(
        #[Line(2, 80), Says('what the home is called, usually a surname')] public string $name,
        #[ListOf(HomePersonForm::class, 1, 8), Says('who is left out is of this home no more')] public array $people,
        #[Text(0, 500), Says('what to know: the gate, the bell')] public string $note = '',
    ) {
    }

    /** @throws InvalidInput for an address that is none, and for a home that nobody can reach */
    public function hold(): void
    {
        $faults = [];
        $reached = false;
        foreach ($this->people as $i => $p) {
            $phone = trim($p->phone);
            $email = trim($p->email);
            $reached = $reached || '' !== $phone || '' !== $email;
            if ('' !== $phone && 1 !== preg_match('/^[+(]?\d[\d ()\/.-]{2,38}$/D', $phone)) {
                $faults[] = InvalidInput::at("people[$i].phone", 'is no phone number');
            }
            if ('' !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
                $faults[] = InvalidInput::at("people[$i].email", 'is no e-mail address');
            }
        }
        if (!$reached) {
            $faults[] = InvalidInput::at('people[0].phone', 'or an e-mail address is needed: a home must be reached');
        }
        if ([] !== $faults) {
            throw InvalidInput::several($faults);
        }
    }
}
