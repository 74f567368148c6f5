<?php

/** A calendar (iCalendar): whose appointments it has, which of them can be booked, which cannot and why. */

declare(strict_types=1);

namespace KeenThistle\TakeIn;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Symfony\Component\Clock\ClockInterface;

final readonly class Appointments
{
    private const MOST = 500;
    /** Repeated ones are booked so far ahead. */
    private const AHEAD = '+6 months';
    private const KINDS = [
        'bath' => '/\bbath|\bwash/i',
        'tidy' => '/\btidy|\btrim up/i',
        'nails' => '/\bnail|\bclaw/i',
    ];

    public function __construct(private Scope $scope, private ClockInterface $clock)
    {
    }

    /**
     * @return list<AppointmentView> by day and time
     *
     * @throws InvalidInput for a file that is none, or of more than so many that are still to come
     */
    public function of(Actor $actor, string $bytes): array
    {
        $now = $this->clock->now();
        $dogs = $this->dogs($actor);
        $out = [];
        foreach (Parsed::events($bytes) as $calendar) {
            \assert($calendar instanceof VCalendar);
            foreach ($this->events($calendar, $now) as [$event, $at]) {
                $out[] = $this->one($event, $at?->setTimezone($actor->timeZone), $dogs, $now);
            }
            if (\count(array_filter($out, static fn (AppointmentView $a): bool => 'past' !== $a->state)) > self::MOST) {
                throw InvalidInput::at('file', 'must have '.self::MOST.' appointments to come or fewer');
            }
        }
        usort(
            $out,
            static fn (AppointmentView $a, AppointmentView $b): int => "$a->day $a->time" <=> "$b->day $b->time",
        );

        return $out;
    }

    /** @return \Generator<array{VEvent, \DateTimeImmutable|null}> each time it takes place, from today on */
    private function events(VCalendar $calendar, \DateTimeImmutable $now): \Generator
    {
        try {
            if ('' !== self::text($calendar->select('VEVENT')[0] ?? null, 'RRULE')) {
                $calendar = $calendar->expand($now->modify('-1 day'), $now->modify(self::AHEAD));
            }
        } catch (InvalidDataException|MaxInstancesExceededException) {
            // As it stands, once: a rule that nobody can follow is no reason to lose the date.
        }
        foreach ($calendar->select('VEVENT') as $event) {
            \assert($event instanceof VEvent);
            if ('CANCELLED' === strtoupper(self::text($event, 'STATUS'))) {
                continue;
            }
            $at = null;
            try {
                $start = $event->select('DTSTART')[0] ?? null;
                $at = $start instanceof DateTime && $start->hasTime() ? $start->getDateTime() : null;
            } catch (\Exception) {
                // Said below: it has no time that can be read.
            }
            yield [$event, $at instanceof \DateTimeImmutable ? $at : null];
        }
    }

    /** @param list<array{id: string, name: string, home: string, state: string}> $dogs */
    private function one(VEvent $event, ?\DateTimeImmutable $at, array $dogs, \DateTimeImmutable $now): AppointmentView
    {
        $title = mb_strimwidth(trim(mb_scrub(self::text($event, 'SUMMARY'))), 0, 120, '…');
        $found = self::found($title, $dogs);
        $kind = 'full';
        foreach (self::KINDS as $name => $words) {
            $kind = 1 === preg_match($words, $title) ? $name : $kind;
        }
        $why = match (true) {
            null === $at => 'has no time of the day',
            [] === $found => 'names no dog of the book',
            \count($found) > 1 => "could be several dogs called {$found[0]['name']}: add the name of its home",
            'active' !== $found[0]['state'] => 'is of a dog for which no dates are held',
            default => '',
        };

        return new AppointmentView(
            $title,
            $at?->format('Y-m-d') ?? '',
            $at?->format('H:i') ?? '',
            $kind,
            1 === \count($found) ? $found[0]['id'] : null,
            $found[0]['name'] ?? '',
            null !== $at && $at < $now ? 'past' : ('' === $why ? 'ready' : 'fault'),
            $why,
        );
    }

    /**
     * Dogs whose whole name stands in the title; of several, those whose home does as well.
     *
     * @param list<array{id: string, name: string, home: string, state: string}> $dogs
     *
     * @return list<array{id: string, name: string, home: string, state: string}>
     */
    private static function found(string $title, array $dogs): array
    {
        $says = static fn (string $word): bool => '' !== $word
            && 1 === preg_match('/(?<![\p{L}\p{N}])'.preg_quote($word, '/').'(?![\p{L}\p{N}])/iu', $title);
        $named = array_values(array_filter($dogs, static fn (array $d): bool => $says($d['name'])));
        $homes = array_values(array_filter($named, static fn (array $d): bool => $says($d['home'])));

        return \count($named) > 1 && [] !== $homes ? $homes : $named;
    }

    private static function text(mixed $event, string $property): string
    {
        $found = $event instanceof Component ? $event->select($property)[0] ?? null : null;

        return $found instanceof Property ? (string) $found : '';
    }

    /** @return list<array{id: string, name: string, home: string, state: string}> */
    private function dogs(Actor $actor): array
    {
        return array_map(
            static fn (array $r): array => [
                'id' => Row::id($r['id']),
                'name' => Row::text($r['name']),
                'home' => Row::text($r['home']),
                'state' => Row::text($r['state']),
            ],
            $this->scope->rows(
                $actor,
                "SELECT d.id, d.name, h.name home, d.state FROM dog d JOIN household h ON h.id = d.household_id
                WHERE d.salon_id = :salon AND d.state <> 'merged' ORDER BY d.id",
            ),
        );
    }
}
