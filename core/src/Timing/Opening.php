<?php

/** When a place is open or a person works: hours by day of the week, and days on which nobody comes. */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Input\InvalidInput;

final readonly class Opening
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];
    private const TIME = '/^([01]\d|2[0-3]):[0-5]\d$/D';

    /**
     * @param list<array{day: string, from: string, to: string}> $hours days that are not there are free; none at all:
     *                                                                  nothing has been said, every day is possible
     * @param list<array{from: string, to: string, why: string}> $closed first and last day
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
        }
    }

    /** Why nothing can be on a day, in words; "": something can. */
    public function whyNot(\DateTimeImmutable $day): string
    {
        $date = $day->format('Y-m-d');
        foreach ($this->closed as $c) {
            if ($date >= $c['from'] && $date <= $c['to']) {
                return '' === $c['why'] ? 'closed' : "closed: $c[why]";
            }
        }

        return [] === $this->hours || null !== $this->on($day) ? '' : 'not on '.$day->format('l').'s';
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
}
