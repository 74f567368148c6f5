<?php

/** A home, as its page has it: all its people, the first one first. */

declare(strict_types=1);

namespace KeenThistle\Book;

use KeenThistle\Core\Care\WriteRule;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class HomeForm
{
    public const PHONE = '/^[+(]?\d[\d ()\/.-]{2,38}$/D';

    /**
     * @param list<HomePersonForm> $people
     * @param list<HomeOtherForm>  $others
     */
    public function __construct(
        #[Line(2, 80), Says('what the home is called, usually a surname')] public string $name,
        #[ListOf(HomePersonForm::class, 1, 8), Says('who is left out is of this home no more')] public array $people,
        #[Text(0, 500), Says('what to know: the gate, the bell')] public string $note = '',
        #[ListOf(HomeOtherForm::class, 0, 6), Says('who is called, or fetches a dog, and lives elsewhere')]
        public array $others = [],
        #[Line(0, 160), Says('the vet of its dogs')] public string $vet = '',
        #[Line(0, 5), Says('from when nobody writes to them, HH:MM')] public string $quiet_from = '',
        #[Line(0, 5), Says('until when')] public string $quiet_to = '',
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
            if ('' !== $phone && 1 !== preg_match(self::PHONE, $phone)) {
                $faults[] = InvalidInput::at("people[$i].phone", 'is no phone number');
            }
            if ('' !== $email && false === filter_var($email, \FILTER_VALIDATE_EMAIL)) {
                $faults[] = InvalidInput::at("people[$i].email", 'is no e-mail address');
            }
        }
        foreach ($this->others as $i => $o) {
            $phone = trim($o->phone);
            if ('' === $phone ? 'second' === $o->role : 1 !== preg_match(self::PHONE, $phone)) {
                $faults[] = InvalidInput::at(
                    "others[$i].phone",
                    '' === $phone ? 'is needed: who is called second has a number' : 'is no phone number',
                );
            }
        }
        foreach (['quiet_from' => $this->quiet_from, 'quiet_to' => $this->quiet_to] as $field => $time) {
            if ('' !== $time && 1 !== preg_match(WriteRule::TIME, $time)) {
                $faults[] = InvalidInput::at($field, 'must be a time such as 21:00');
            }
        }
        if (('' === $this->quiet_from) !== ('' === $this->quiet_to)) {
            $field = '' === $this->quiet_from ? 'quiet_from' : 'quiet_to';
            $faults[] = InvalidInput::at($field, 'is needed with the other');
        }
        if (!$reached) {
            $faults[] = InvalidInput::at('people[0].phone', 'or an e-mail address is needed: a home must be reached');
        }
        if ([] !== $faults) {
            throw InvalidInput::several($faults);
        }
    }
}
