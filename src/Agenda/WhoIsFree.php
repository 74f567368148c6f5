<?php

/** Who could have a dog on a day, and when not: what they are booked for, breaks, who else is there, the noise. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Day\Day;
use KeenThistle\Core\Day\FreeDay;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Diary\Booking;
use KeenThistle\Staff\Staff;

final class WhoIsFree
{
    private function __construct()
    {
    }

    /**
     * @param list<Crew> $crews
     * @param list<array{Booking, Minutes|null}> $booked that day
     * @param list<string> $skills that whoever has the dog needs
     * @param Staff|null $wanted nobody but them; null: whoever can
     */
    public static function on(
        \DateTimeImmutable $day,
        Dog $dog,
        array $crews,
        array $booked,
        array $skills,
        ?Staff $wanted = null,
    ): FreeDay {
        $busy = [];
        foreach ($booked as [$b, $takes]) {
            $begins = intdiv(Crew::tick($b->time), Day::TICKS);
            $busy[(string) $b->staff?->id][] = [$begins, $begins + ($takes->slot ?? Lengths::USUAL)];
        }
        $people = [];
        foreach ($crews as $crew) {
            $shut = CompanyOfDay::shut($dog, $booked, $crew->place);
            foreach ($crew->workers as $w) {
                $isWanted = null === $wanted || (string) $wanted->id === $w->id;
                if ($isWanted && [] === array_diff($skills, $w->skills ?? [])) {
                    $people[] = [
                        'id' => $w->id,
                        'from' => intdiv($w->from, Day::TICKS),
                        'to' => intdiv($w->to, Day::TICKS),
                        'busy' => [...$busy[$w->id] ?? [], ...$w->breakMinutes(), ...$shut],
                    ];
                }
            }
        }

        return new FreeDay($day->format('Y-m-d'), $people);
    }
}
