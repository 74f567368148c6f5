<?php

/** What is booked as a calendar that others can read: RFC 5545, in the salon's own time. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Agenda\Booked;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Diary\Booking;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Scope;
use Sabre\VObject\Component\VCalendar;
use Symfony\Component\Clock\ClockInterface;

final readonly class Feed
{
    private const BEFORE = '-30 days';
    private const AFTER = '+180 days';
    /** Where nobody has weighed the dog. */
    private const USUAL = 60;

    public function __construct(
        private Booked $booked,
        private Scope $scope,
        private ClockInterface $clock,
        private Actors $actors,
    ) {
    }

    /** Dogs by name and kind of visit: nobody's number, nothing of health. */
    public function of(CalendarLink $link): string
    {
        $actor = $this->actors->inNameOf($link->salon->id);
        $today = $this->scope->today($actor);
        $zone = new \DateTimeZone($link->salon->timeZone);
        $calendar = new VCalendar([
            'PRODID' => '-//Keen Thistle//Diary//EN',
            'X-WR-CALNAME' => $link->salon->name,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT15M',
        ]);
        $from = $today->modify(self::BEFORE);
        $to = $today->modify(self::AFTER);
        $this->zone($calendar, $zone, $from, $to);
        foreach ($this->booked->between($actor, $from, $to, Booked::AHEAD) as [$b, $minutes]) {
            if (self::isOf($b, $link)) {
                $this->event($calendar, $b, $minutes->slot ?? self::USUAL, $zone);
            }
        }

        return $calendar->serialize();
    }

    private static function isOf(Booking $b, CalendarLink $link): bool
    {
        return true === $b->staff?->id->equals($link->subject)
            || true === $b->staff?->place?->id->equals($link->subject);
    }

    private function event(VCalendar $calendar, Booking $b, int $minutes, \DateTimeZone $zone): void
    {
        $begins = $b->begins()->setTimezone($zone);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$b->id@keen-thistle",
            'DTSTAMP' => $this->clock->now()->setTimezone(new \DateTimeZone('UTC')),
            'DTSTART' => $begins,
            'DTEND' => $begins->modify("+$minutes minutes"),
            'SUMMARY' => $b->dog->name.': '.Labels::work(Service::tryFrom($b->kind) ?? Service::Full),
            'STATUS' => 'yes' === $b->answer ? 'CONFIRMED' : 'TENTATIVE',
            'SEQUENCE' => $b->version - 1,
        ]);
        if (null !== $b->staff) {
            $event->add('DESCRIPTION', 'with '.$b->staff->name);
            if (null !== $b->staff->place) {
                $event->add('LOCATION', $b->staff->place->name);
            }
        }
        $calendar->add($event);
    }

    /** Its offsets over those days, or a reader would take the hours for its own. */
    private function zone(
        VCalendar $calendar,
        \DateTimeZone $zone,
        \DateTimeImmutable $from,
        \DateTimeImmutable $to,
    ): void {
        if ('UTC' === $zone->getName()) {
            return;
        }
        $changes = $zone->getTransitions($from->getTimestamp(), $to->getTimestamp());
        $part = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()]);
        $before = $changes[0]['offset'];
        foreach ($changes as $c) {
            $local = (new \DateTimeImmutable('@'.$c['ts']))->modify(\sprintf('%+d seconds', $before));
            $part->add($calendar->createComponent($c['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => $local->format('Ymd\THis'),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($c['offset']),
                'TZNAME' => $c['abbr'],
            ]));
            $before = $c['offset'];
        }
        $calendar->add($part);
    }

    private static function offset(int $seconds): string
    {
        return \sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), abs($seconds) / 60 % 60);
    }
}
