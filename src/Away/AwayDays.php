<?php

/** The dogs of a person's week: booked with them, or here today already. */

declare(strict_types=1);

namespace KeenThistle\Away;

use KeenThistle\Book\Dog;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

final readonly class AwayDays
{
    /** After today. */
    public const DAYS = 6;
    private const MOST = 60;

    public function __construct(
        private Scope $scope,
        #[Autowire('%env(APP_SECRET)%'), \SensitiveParameter] private string $secret,
    ) {
    }

    public function of(Actor $actor): AwayView
    {
        $today = $this->scope->today($actor);
        $days = ['me' => $actor->staff->toBinary(), 'today' => $today->format('Y-m-d')];
        $booked = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name, h.name owner, b.day, b.time, b.kind FROM booking b JOIN dog d ON d.id = b.dog_id
            JOIN household h ON h.id = d.household_id
            WHERE b.salon_id = :salon AND b.day >= :today AND b.day <= :until AND b.state = 'booked'
            AND b.staff_id = :me ORDER BY b.day, b.time, b.id LIMIT ".self::MOST,
            $days + ['until' => $today->modify('+'.self::DAYS.' days')->format('Y-m-d')],
        );
        $here = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name, h.name owner, a.day, '' time, a.kind FROM arrival a JOIN dog d ON d.id = a.dog_id
            JOIN household h ON h.id = d.household_id
            WHERE a.salon_id = :salon AND a.day = :today AND a.staff_id = :me AND a.left_at IS NULL ORDER BY a.id
            LIMIT ".self::MOST,
            $days,
        );
        $out = [];
        foreach ([...$booked, ...$here] as $row) {
            $view = new AwayDayView(
                Row::id($row['id']),
                Row::text($row['name']),
                Row::text($row['owner']),
                Row::text($row['day']),
                Row::text($row['time']),
                Row::text($row['kind']),
            );
            $out["$view->dog $view->on"] ??= $view;
        }

        return new AwayView($this->key($actor), $today->format('Y-m-d'), array_values($out));
    }

    /** Raised with whatever is found, agreed or tapped of a dog on a day; empty: it has not come. */
    public function versionOf(Actor $actor, Dog $dog, \DateTimeImmutable $day): string
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT a.row_version, g.seq, g.closed_at, a.id FROM arrival a LEFT JOIN groom g ON g.arrival_id = a.id
            WHERE a.salon_id = :salon AND a.dog_id = :dog AND a.day = :day ORDER BY g.id DESC LIMIT 1',
            ['dog' => $dog->id->toBinary(), 'day' => $day->format('Y-m-d')],
        );

        return implode('|', array_map(
            static fn (mixed $v): string => bin2hex(\is_scalar($v) ? (string) $v : ''),
            $rows[0] ?? [],
        ));
    }

    /** Made of the salon's secret, so that nothing of it is kept. */
    private function key(Actor $actor): string
    {
        return base64_encode(hash_hkdf('sha256', $this->secret, 32, "away|$actor->salon|$actor->staff"));
    }
}
