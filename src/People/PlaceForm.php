<?php

/** A place of the salon: a room or a van. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Input\Choice;
use KeenThistle\Input\Line;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;

final readonly class PlaceForm
{
    /**
     * @param list<HoursForm>|null  $hours
     * @param list<ClosedForm>|null $closed
     */
    public function __construct(
        #[Line(2, 60), Says('as the salon calls it')] public string $name,
        #[Choice(Begin::PLACES, 'kind of place')] public string $kind = 'room',
        #[Says('false: closed')] public bool $open = true,
        #[Text(0, 36), Says('id of the place that tools and people of a closed one move to')]
        public ?string $move_to = null,
        #[ListOf(HoursForm::class, 0, 7), Says('by day of the week; null: as they are')] public ?array $hours = null,
        #[ListOf(ClosedForm::class, 0, 60), Says('null: as they are')] public ?array $closed = null,
        #[Says('what there is to work at; null: as it is')] public ?StationsForm $stations = null,
    ) {
    }
}
