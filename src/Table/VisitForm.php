<?php

/** A visit to be recorded. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Coat\Upkeep;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Input\Choice;
use KeenThistle\Input\Kilograms;
use KeenThistle\Input\ListOf;
use KeenThistle\Input\Number;
use KeenThistle\Input\Says;
use KeenThistle\Input\Text;
use KeenThistle\Input\Whole;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Visit\Visit;

final readonly class VisitForm
{
    /** @param list<VisitZoneForm> $zones */
    public function __construct(
        #[Says('the day of the visit')] public \DateTimeImmutable $day,
        #[ListOf(VisitZoneForm::class, 0, 100), Says('the zones of the visit')] public array $zones,
        #[Choice(Visit::KINDS, 'kind of visit')] public string $kind = 'full',
        #[Text(0, 36), Says('where; the person\'s own place by default')] public ?string $place = null,
        #[Whole(1, 1440)] public ?int $minutes = null,
        #[Number(0, 100, 'matting load found on arrival')] public ?float $arrival_load = null,
        #[Whole(0, 4)] public int $tender_severity = 0,
        #[Choice(Upkeep::class, 'upkeep'), Says('what was really done at home')] public ?Upkeep $upkeep = null,
        #[Kilograms] public ?float $kg = null,
        #[Text(0, 1000)] public string $note = '',
        #[Says('the note is for this salon alone')] public bool $note_own = false,
    ) {
    }

    /** @return list<RecordedZone> @throws InvalidInput for a recipe that cannot be */
    public function recorded(): array
    {
        $out = [];
        foreach ($this->zones as $i => $z) {
            $zone = Zone::of($z->zone);
            $out[] = new RecordedZone(
                zone: $zone,
                state: $z->state,
                actual: null === $z->actual ? null : RecipeCodec::read($z->actual, $zone, planned: false),
                why: trim($z->why),
                arrival: null === $z->arrival_mm
                    ? null
                    : Length::ofMillimetres($z->arrival_mm, "zones[$i].arrival_mm"),
                ownerCut: $z->owner_cut,
            );
        }

        return $out;
    }
}
