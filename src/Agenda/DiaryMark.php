<?php

/** What says whether days of the diary are as they were. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;

final readonly class DiaryMark
{
    public function __construct(private Scope $scope)
    {
    }

    /** Changes with each booking of the days and its dog, with people and places, with house style, with the date. */
    public function of(Actor $actor, \DateTimeImmutable $from, \DateTimeImmutable $to): string
    {
        $today = $this->scope->today($actor)->format('Y-m-d');
        $row = $this->scope->rows(
            $actor,
            "SELECT CONCAT_WS('.',
                (SELECT CONCAT(COUNT(*), '-', SUM(CRC32(CONCAT(HEX(b.id), b.version, '-', d.card_version))))
                    FROM booking b JOIN dog d ON d.id = b.dog_id
                    WHERE b.salon_id = :salon AND b.day BETWEEN :from AND :to),
                (SELECT SUM(version) FROM staff WHERE salon_id = :salon),
                (SELECT SUM(version) FROM place WHERE salon_id = :salon),
                (SELECT CONCAT(house_version, '-', kit_version) FROM salon WHERE id = :salon)) mark",
            ['from' => $from->format('Y-m-d'), 'to' => $to->format('Y-m-d')],
        )[0] ?? [];

        return hash('xxh128', Row::text($row['mark'] ?? '')."|$today|{$from->format('Y-m-d')}|$actor->language");
    }
}
