<?php

/** Reads a dog's year: clocks, what is booked, the cheapest visits that keep every clock, an owner's own wish. */

declare(strict_types=1);

namespace KeenThistle\Ahead;

use KeenThistle\Agenda\AgendaReader;
use KeenThistle\Agenda\Clocks;
use KeenThistle\Agenda\DogClocks;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Bookings;
use KeenThistle\Diary\BookingView;
use KeenThistle\Order\WorkOrder;
use KeenThistle\Plan\Plans;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class YearReader
{
    public const WEEKS = 52;

    public function __construct(
        private Scope $scope,
        private Clocks $clocks,
        private WorkOrder $order,
        private Bookings $bookings,
        private AgendaReader $agenda,
    ) {
    }

    /** @param int|null $wish weeks between full grooms that the owner asks for */
    public function of(Actor $actor, Dog $dog, ?int $wish): YearView
    {
        $today = $this->scope->today($actor);
        $until = $today->modify('+'.(7 * self::WEEKS).' days');
        $clocks = $this->clocks->of($actor, $dog);
        $year = $this->year($actor, $dog, $clocks, $today);
        $booked = array_values(array_filter(
            $this->bookings->ahead($actor, $dog, $today, YearForm::MOST),
            static fn (BookingView $b): bool => $b->day < $until->format('Y-m-d'),
        ));
        $closed = $this->closed($actor, $today);
        [$advice, $impossible, $reasons] = $year->advice($closed);
        $asked = null === $wish ? null : $clocks->interval($wish)->wish;
        $held = array_filter($booked, static fn (BookingView $b): bool => 'booked' === $b->state);

        return new YearView(
            (string) $dog->id,
            $dog->name,
            $today->format('Y-m-d'),
            $until->format('Y-m-d'),
            $clocks->known,
            $year->clocks(),
            array_map(static fn (int $w): array => [
                'from' => $today->modify('+'.(7 * $w).' days')->format('Y-m-d'),
                'to' => $today->modify('+'.(7 * $w + 6).' days')->format('Y-m-d'),
            ], $closed),
            $booked,
            $year->check(array_values(array_map(
                static fn (BookingView $b): array => ['day' => $year->dayOf($b->day), 'kind' => $b->kind],
                $held,
            ))),
            $year->check($advice),
            $impossible,
            Reason::listToArray($reasons),
            $wish,
            null === $wish ? null : $year->check($year->every($wish)),
            $asked?->length_mm,
        );
    }

    public function check(Actor $actor, Dog $dog, YearForm $form): YearCheckView
    {
        $year = $this->year($actor, $dog, $this->clocks->of($actor, $dog), $this->scope->today($actor));

        return $year->check(array_map(
            static fn (YearVisitForm $v): array => [
                'day' => $year->dayOf($v->day->format('Y-m-d')),
                'kind' => $v->kind,
            ],
            $form->visits,
        ));
    }

    private function year(Actor $actor, Dog $dog, DogClocks $clocks, \DateTimeImmutable $today): Year
    {
        $prices = $dog->salon->pricesOn($today);
        $recipes = Plans::recipes($clocks->plan);
        $minutes = [];
        foreach (Service::cases() as $kind) {
            $minutes[$kind->value] = $this->order->minutes($dog, $recipes, null, $kind, $prices);
        }

        return new Year($clocks, $today, $minutes);
    }

    /** @return list<int> weeks in which nobody is there on any day */
    private function closed(Actor $actor, \DateTimeImmutable $today): array
    {
        $salon = $this->agenda->salon($actor);
        $out = [];
        for ($week = 1; $week < self::WEEKS; ++$week) {
            for ($n = 0; $n < 7; ++$n) {
                foreach (AgendaReader::crews($salon, $today->modify('+'.(7 * $week + $n).' days')) as $crew) {
                    if ([] !== $crew->workers) {
                        continue 3;
                    }
                }
            }
            $out[] = $week;
        }

        return $out;
    }
}
