<?php

/** A booking as a calendar shows it: a name and a kind of visit, nobody's number, nothing of health. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

final readonly class CalendarRow
{
    /**
     * @param string $day "2026-11-29"
     * @param string $time "09:30", by the salon's wall
     * @param string $place name; empty: none
     * @param bool $sure its owner said that it suits
     * @param int $minutes that the dog is in the salon
     */
    public function __construct(
        public string $id,
        public string $day,
        public string $time,
        public string $kind,
        public string $dog,
        public string $with,
        public string $place,
        public bool $sure,
        public int $version,
        public int $minutes,
    ) {
    }
}
