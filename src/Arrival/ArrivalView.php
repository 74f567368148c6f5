<?php

/** An arrival as it stands, with everything that follows from it. A response record. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use KeenThistle\Book\DogView;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Handling\HandlingView;
use KeenThistle\Input\Gives;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

final readonly class ArrivalView
{
    /**
     * @param list<array{name: string, minor: int, minutes: int}> $extras
     * @param list<array{name: string, minor: int, minutes: int}> $extras_offered
     * @param list<string> $house_terms
     * @param list<array<string, mixed>> $cautions
     * @param list<array<string, mixed>> $findings
     * @param list<array{field: string, message: string}> $questions
     * @param list<array{day: string, load: float}> $trend
     * @param list<string> $asked_first
     * @param list<HandlingView> $handling
     * @param list<AssignmentView> $assignments
     * @param list<AgreementView> $agreements
     * @param list<PhotoView> $photos
     */
    public function __construct(
        public string $id,
        public DogView $dog,
        public string $day,
        #[Says('what it came for: full, bath, tidy or nails')] public string $kind,
        #[Says('asked for on top, at the price of when it was asked for')] public array $extras,
        #[Says('what the price list of the day has to ask for')] public array $extras_offered,
        #[Says('what cancelling, not coming and collecting late cost, as an owner reads it')]
        public array $house_terms,
        #[Says('what its owner said by the link of how things are at home')] public string $told,
        public string $state,
        public string $who,
        public CombView $comb,
        public TodayView $today,
        public int $check_version,
        #[Shaped([HandsOn::class, 'shape'])] public object $hands_on,
        #[Gives('array<string, float>')] public object $expected,
        #[Gives('list<CautionView>')] public array $cautions,
        #[Gives('list<CautionView>')] public array $findings,
        #[Says('shape at the rear that would keep it clean, by where it soils; null: leave it')] public ?string $rear,
        public bool $stop,
        public bool $refer,
        public array $questions,
        #[Says('loads of earlier arrivals')] public array $trend,
        #[Says('the load from which the salon asks the owner back sooner')] public float $load_limit,
        public array $asked_first,
        #[Gives('array<string, int>'), Says('severity found last time, by zone')] public object $last_found,
        public array $handling,
        public array $assignments,
        public array $agreements,
        public array $photos,
    ) {
    }
}
