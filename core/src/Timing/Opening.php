<?php

/** When a place is open or a person works: hours by day of the week, and days on which nobody comes. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Input\InvalidInput;

final readonly class Opening
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    public const TIME = '/^([01]\d|2[0-3]):[0-5]\d$/D';

    /**
     * @param list<array{day: string, from: string, to: string}> $hours days that are not there are free; none at all:
     *                                                                  nothing has been said, every day is possible
     * @param list<array{from: string, to: string, why: string, yearly?: bool}> $closed first and last day; yearly:
     *                                                                                 every year from then on
     */
    public function __construct(public array $hours = [], public array $closed = [])
    {
    }

    /** @throws InvalidInput naming the row: a day twice, an end before its beginning */
    public function hold(string $hours = 'hours', string $closed = 'closed'): void
    {
        $seen = [];
        foreach ($this->hours as $i => $h) {
            foreach (['from', 'to'] as $end) {
                if (1 !== preg_match(self::TIME, $h[$end])) {
                    throw InvalidInput::at("{$hours}[$i].$end", 'must be a time such as 09:30');
                }
            }
            if ($h['to'] <= $h['from']) {
                throw InvalidInput::at("{$hours}[$i].to", "must be after $h[from]");
            }
            if (isset($seen[$h['day']])) {
                throw InvalidInput::at("{$hours}[$i].day", 'is there twice');
            }
            $seen[$h['day']] = true;
        }
        foreach ($this->closed as $i => $c) {
            if ($c['to'] < $c['from']) {
                throw InvalidInput::at("{$closed}[$i].to", "must not be before $c[from]");
            }
            $year = (new \DateTimeImmutable($c['from']))->modify('+1 year')->format('Y-m-d');
            if (($c['yearly'] ?? false) && $c['to'] >= $year) {
                throw InvalidInput::at("{$closed}[$i].to", 'must be less than a year later, where it comes every year');
            }
        }
    }

    /** Why nothing can be on a day, in words; "": something can. */
    public function whyNot(\DateTimeImmutable $day): string
    {
        $date = $day->format('Y-m-d');
        foreach ($this->closed as $c) {
            if (self::holds($c, $date)) {
                return '' === $c['why'] ? 'closed' : "closed: $c[why]";
            }
        }

        return [] === $this->hours || null !== $this->on($day) ? '' : 'not on '.$day->format('l').'s';
    }

    /** @param array{from: string, to: string, why: string, yearly?: bool} $closed */
    private static function holds(array $closed, string $date): bool
    {
        [$from, $to] = [$closed['from'], $closed['to']];
        if ($date < $from || !($closed['yearly'] ?? false)) {
            return $date >= $from && $date <= $to;
        }
        // By day of the year, so that it may run over its end.
        [$day, $first, $last] = [substr($date, 5), substr($from, 5), substr($to, 5)];

        return $first <= $last ? $day >= $first && $day <= $last : $day >= $first || $day <= $last;
    }

    /** @return array{string, string}|null the hours of that day of the week; null: none are said */
    public function on(\DateTimeImmutable $day): ?array
    {
        $name = self::DAYS[(int) $day->format('N') - 1];
        foreach ($this->hours as $h) {
            if ($h['day'] === $name) {
                return [$h['from'], $h['to']];
            }
        }

        return null;
    }

    /** Why a time of a day cannot be, in words; "": it can. */
    public function whyNotAt(\DateTimeImmutable $day, string $time): string
    {
        $why = $this->whyNot($day);
        $hours = $this->on($day);
        if ('' !== $why || null === $hours || ($time >= $hours[0] && $time < $hours[1])) {
            return $why;
        }

        return "from $hours[0] to $hours[1] on ".$day->format('l').'s';
    }

    /** The time that clocks show at a time of a day: another one in the hour that is left out where they go forward. */
    public static function onTheClock(\DateTimeImmutable $day, string $time, \DateTimeZone $zone): string
    {
        return (new \DateTimeImmutable($day->format('Y-m-d')." $time", $zone))->format('H:i');
    }
}
