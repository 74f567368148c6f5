<?php

/** What a dog will stand for of one tool, as the salon writes it down. */

declare(strict_types=1);

namespace KeenThistle\Handling;

use KeenThistle\Core\Handling\Place;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;
use KeenThistle\Input\Whole;

final readonly class HandlingForm
{
    /** @param list<string> $places */
    public function __construct(
        #[Whole(0, 5), Says('0 impossible to 5 at ease')] public int $tolerance,
        #[Line(0, 80)] public string $where = '',
        #[Line(0, 120)] public string $trigger = '',
        #[Choice(HandlingRecord::CAUSES, 'cause')] public string $cause = '',
        #[Choice(HandlingRecord::WORKS, 'what works')] public string $works = '',
        #[Line(0, 120), Says('how each foot is held')] public string $hold = '',
        #[Line(0, 80), Says('cues never to use')] public string $banned = '',
        #[Line(0, 40), Says('marker word')] public string $marker = '',
        #[Line(0, 80)] public string $treats = '',
        public bool $second_person = false,
        #[Line(0, 200), Says('the owner\'s own report')] public string $owner_says = '',
        #[Shaped([self::class, 'placesShape']), Says('where on the dog; none: all of it')] public array $places = [],
    ) {
    }

    public static function placesShape(): Shape
    {
        return Shape::list(Shape::enum(Place::class, 'place'), 0, 8)->default([]);
    }

    public function into(HandlingRecord $record): void
    {
        $record->tolerance = $this->tolerance;
        $record->where = trim($this->where);
        $record->trigger = trim($this->trigger);
        $record->cause = $this->cause;
        $record->works = $this->works;
        $record->hold = trim($this->hold);
        $record->banned = trim($this->banned);
        $record->marker = trim($this->marker);
        $record->treats = trim($this->treats);
        $record->secondPerson = $this->second_person;
        $record->ownerSays = trim($this->owner_says);
        $record->places = array_values(array_unique($this->places));
    }
}
