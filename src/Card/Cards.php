<?php

/** Makes a card of what is kept of a dog. */

declare(strict_types=1);

namespace KeenThistle\Card;

use KeenThistle\Book\Dog;
use KeenThistle\Book\DogView;
use KeenThistle\Book\HardLines;
use KeenThistle\Book\StandingCautions;
use KeenThistle\Core\Outlook\NotKnownYet;
use KeenThistle\Diary\Bookings;
use KeenThistle\Kit\KitReader;
use KeenThistle\Log\RecentChanges;
use KeenThistle\Plan\Plans;
use KeenThistle\Refusal\Refused;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\Visits;

final readonly class Cards
{
    public function __construct(
        private Plans $plans,
        private Visits $visits,
        private Bookings $bookings,
        private RecentChanges $changes,
        private CardZones $zones,
        private KitPlaces $places,
        private KitReader $kit,
    ) {
    }

    /**
     * @param string $place whose kit answers; "" for the usual one
     * @param int|null $wish of the owner, in weeks
     *
     * @throws Refused 404 for a place without tools
     */
    public function of(Actor $actor, Dog $dog, \DateTimeImmutable $today, string $place, ?int $wish): CardView
    {
        $place = $this->places->of($actor, $place);
        [$revision, $plan] = $this->plans->of($actor, $dog);
        $visits = $this->visits->past($actor, $dog);
        $history = new History($visits);
        $figures = new GrowthAndClocks($dog, $history, $today);
        $lengths = $this->kit->lengths($actor);
        $changes = $this->changes->of($actor, $dog->id);
        [$zones, $worst] = $this->zones->of($actor, $dog, $plan, $figures, $place, $changes);

        return new CardView(
            dog: DogView::of($dog, $actor->may(May::PHONE)),
            cautions: StandingCautions::of($dog),
            place: $place,
            zones: $zones,
            worst_here: $worst,
            hard_lines: HardLines::of($dog),
            unknown: NotKnownYet::of($dog->name, \count($plan), \count($visits), $dog->kg, null !== $dog->bornOn),
            growth: $figures->growthView(),
            interval: $figures->interval($plan, $lengths, $wish),
            patches: Patches::of($plan, $history, $figures, $lengths, $today),
            visits: array_map(VisitView::of(...), array_reverse($visits)),
            bookings: $this->bookings->ahead($actor, $dog, $today),
            changes: $changes,
            revision: $revision,
            today: $today->format('Y-m-d'),
        );
    }
}
