<?php

/** What the end of a groom says. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Diary\Booking;
use KeenThistle\Input\Choice;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;
use KeenThistle\Visit\Visit;

final readonly class CloseForm
{
    /** @param list<NextVisit> $next */
    public function __construct(
        #[Choice(Visit::KINDS, 'kind of visit'), Says('null: what the dog came for')] public ?string $kind = null,
        #[Whole(1, 1440), Says('at work; null: as the taps say')] public ?int $minutes = null,
        #[Choice(Upkeep::class, 'upkeep'), Says('what was really done at home')] public ?Upkeep $upkeep = null,
        #[Text(0, 1000), Says('for the next person')] public string $note = '',
        #[ListOf(NextVisit::class, 0, 6), Says('visits to book')] public array $next = [],
        #[Text(0, 600), Says('to the owner; null: none goes out')] public ?string $message = null,
        #[Says('the note is for this salon alone')] public bool $note_own = false,
    ) {
    }

    /** @throws InvalidInput for a next visit that cannot be booked */
    public function check(\DateTimeImmutable $today): void
    {
        foreach ($this->next as $i => $n) {
            if ($n->on->format('Y-m-d') <= $today->format('Y-m-d') || $n->on > $today->modify('+2 years')) {
                throw InvalidInput::at("next[$i].on", 'must be after today and within two years');
            }
            if (1 !== preg_match(Booking::TIME, $n->time)) {
                throw InvalidInput::at("next[$i].time", 'must be a time such as 09:30');
            }
        }
    }
}
