<?php

/** What is booked with a person or at a place, as a calendar shows it: rows, without the dogs' cards. */

declare(strict_types=1);

namespace KeenThistle\Agenda;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Timing\Minutes;
use KeenThistle\Diary\Booking;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class CalendarRows
{
    /** Of half a year of a place. */
    private const MOST = 5000;
    private const OF = 'SELECT b.id, b.day, b.time, b.kind, b.washed, b.answer, b.version, d.id dog_id, d.name dog,
        d.card_version, s.name with_name, p.name place
        FROM booking b JOIN dog d ON d.id = b.dog_id JOIN staff s ON s.id = b.staff_id
        LEFT JOIN place p ON p.id = s.place_id
        WHERE b.salon_id = :salon AND b.day >= :from AND b.day <= :to AND b.state = \'booked\'
        AND (s.id = :subject OR s.place_id = :subject) ORDER BY b.day, b.time, b.id LIMIT '.self::MOST;

    public function __construct(
        private Connection $db,
        private Lengths $lengths,
        private Scope $scope,
        private EntityManagerInterface $manager,
    ) {
    }

    /**
     * @param Uuid $subject id of the person or the place
     *
     * @return list<CalendarRow> by day and time
     */
    public function of(Actor $actor, Uuid $subject, \DateTimeImmutable $from, \DateTimeImmutable $to): array
    {
        $rows = $this->db->fetchAllAssociative(self::OF, [
            'salon' => $actor->salon->toBinary(),
            'from' => $from->format('Y-m-d'),
            'to' => $to->format('Y-m-d'),
            'subject' => $subject->toBinary(),
        ]);
        $keys = array_map(self::key(...), $rows);
        [$known, $new] = $this->lengths->kept($keys);
        if ([] !== $new) {
            $known = $this->reckoned($actor, $rows, $keys, $new) + $known;
        }
        $out = [];
        foreach ($rows as $n => $row) {
            $out[] = new CalendarRow(
                Row::id($row['id']),
                Row::text($row['day']),
                Row::text($row['time']),
                Row::text($row['kind']),
                Row::text($row['dog']),
                Row::text($row['with_name']),
                Row::text($row['place'] ?? ''),
                'yes' === $row['answer'],
                Row::int($row['version']) ?? 1,
                $known[$keys[$n]]->slot ?? Lengths::USUAL,
            );
        }

        return $out;
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @param list<string> $keys
     * @param array<string, mixed> $new by key
     *
     * @return array<string, Minutes|null> by key
     */
    private function reckoned(Actor $actor, array $rows, array $keys, array $new): array
    {
        $this->scope->apply($actor, $this->manager);
        $ids = [];
        foreach ($rows as $n => $row) {
            if (isset($new[$keys[$n]])) {
                $ids[$keys[$n]] = Row::text($row['id']);
            }
        }
        $known = [];
        foreach (array_chunk(array_values($ids), 500) as $some) {
            /** @var list<Booking> $booked */
            $booked = $this->manager
                ->createQuery('SELECT b, d FROM '.Booking::class.' b JOIN b.dog d WHERE b.id IN (:ids)')
                ->setParameter('ids', $some, ArrayParameterType::BINARY)
                ->getResult();
            $known += $this->lengths->of($actor, $booked);
        }

        return $known;
    }

    /** @param array<string, mixed> $row */
    private static function key(array $row): string
    {
        return Lengths::key(
            Row::id($row['dog_id']),
            Row::int($row['card_version']) ?? 0,
            Row::text($row['kind']),
            1 === Row::int($row['washed']),
        );
    }
}
