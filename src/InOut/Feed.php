<?php

/** What is booked as a calendar that others can read: RFC 5545, in the salon's own time. */

declare(strict_types=1);

namespace KeenThistle\InOut;

use KeenThistle\Agenda\CalendarRow;
use KeenThistle\Agenda\CalendarRows;
use KeenThistle\Core\Money\Labels;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Salon\Salon;
use KeenThistle\Staff\Actors;
use KeenThistle\Staff\Scope;
use Psr\Cache\CacheItemPoolInterface;
use Sabre\VObject\Component\VCalendar;
use Symfony\Component\Clock\ClockInterface;

final readonly class Feed
{
    private const BEFORE = '-30 days';
    private const AFTER = '+180 days';
    private const KEPT_S = 86_400;

    public function __construct(
        private CalendarRows $rows,
        private Scope $scope,
        private ClockInterface $clock,
        private Actors $actors,
        private CacheItemPoolInterface $cache,
    ) {
    }

    /** Dogs by name and kind of visit. Written once for what is booked: it is fetched every few minutes. */
    public function of(CalendarLink $link): string
    {
        $actor = $this->actors->inNameOf($link->salon->id);
        $today = $this->scope->today($actor);
        $from = $today->modify(self::BEFORE);
        $to = $today->modify(self::AFTER);
        $rows = $this->rows->of($actor, $link->subject, $from, $to);
        $of = [$link->salon->name, $link->salon->timeZone, $from->format('Y-m-d'), $rows];
        $item = $this->cache->getItem("feed.$link->id.".hash('sha256', serialize($of)));
        $text = $item->get();
        if (!\is_string($text)) {
            $text = $this->written($link->salon, $from, $to, $rows);
            $this->cache->save($item->set($text)->expiresAfter(self::KEPT_S));
        }

        return $text;
    }

    /** @param list<CalendarRow> $rows */
    private function written(Salon $salon, \DateTimeImmutable $from, \DateTimeImmutable $to, array $rows): string
    {
        $zone = new \DateTimeZone($salon->timeZone);
        $calendar = new VCalendar([
            'PRODID' => '-//Keen Thistle//Diary//EN',
            'X-WR-CALNAME' => $salon->name,
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT15M',
        ]);
        $this->zone($calendar, $zone, $from, $to);
        $now = $this->clock->now()->setTimezone(new \DateTimeZone('UTC'));
        foreach ($rows as $row) {
            self::event($calendar, $row, $zone, $now);
        }

        return $calendar->serialize();
    }

    private static function event(
        VCalendar $calendar,
        CalendarRow $row,
        \DateTimeZone $zone,
        \DateTimeImmutable $now,
    ): void {
        $begins = new \DateTimeImmutable("$row->day $row->time", $zone);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "$row->id@keen-thistle",
            'DTSTAMP' => $now,
            'DTSTART' => $begins,
            'DTEND' => $begins->modify("+$row->minutes minutes"),
            'SUMMARY' => $row->dog.': '.Labels::work(Service::tryFrom($row->kind) ?? Service::Full),
            'STATUS' => $row->sure ? 'CONFIRMED' : 'TENTATIVE',
            'SEQUENCE' => $row->version - 1,
            'DESCRIPTION' => "with $row->with",
        ]);
        if ('' !== $row->place) {
            $event->add('LOCATION', $row->place);
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
