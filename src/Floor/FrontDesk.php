<?php

/** What the front desk should see to: who asks to be rung, who is overdue without a date, who has not answered. */

declare(strict_types=1);

namespace KeenThistle\Floor;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Diary\Slots;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;

final readonly class FrontDesk
{
    private const MOST = 20;
    /** Older than this they have gone elsewhere. */
    private const YEAR = '-400 days';
    private const AHEAD = '+60 days';
    private const OWNER =
        '(SELECT c.name FROM client c WHERE c.household_id = d.household_id ORDER BY c.id LIMIT 1) owner, '.
        '(SELECT c.phone FROM client c WHERE c.household_id = d.household_id ORDER BY c.id LIMIT 1) phone';

    public function __construct(private Scope $scope, private Slots $slots, private EntityManagerInterface $manager)
    {
    }

    public function view(Actor $actor): FrontDeskView
    {
        $today = $this->scope->today($actor);
        $iso = $today->format('Y-m-d');
        $asks = $this->scope->rows(
            $actor,
            'SELECT d.id, d.name, b.day, b.time, b.told, b.kind, '.self::OWNER." FROM booking b
                JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.day >= :today AND b.state = 'booked' AND b.answer = 'ring'
            ORDER BY b.day, b.time LIMIT ".self::MOST,
            ['today' => $iso],
        );
        $silent = $this->scope->rows(
            $actor,
            'SELECT d.id, d.name, b.day, b.time, b.told, b.kind, '.self::OWNER." FROM booking b
                JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.day > :today AND b.day <= :soon AND b.state = 'booked' AND b.answer = ''
                AND b.asked_at IS NOT NULL
            ORDER BY b.day, b.time LIMIT ".self::MOST,
            ['today' => $iso, 'soon' => $today->modify('+1 day')->format('Y-m-d')],
        );
        // Inside the index of what is due; who has a date falls out by the index of its bookings.
        $overdue = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name, d.due_on day, '' time, '' told, d.due_kind kind, ".self::OWNER." FROM dog d
            WHERE d.salon_id = :salon AND d.due_on < :today AND d.due_on > :long AND d.state = 'active'
                AND NOT EXISTS (SELECT 1 FROM booking b WHERE b.dog_id = d.id AND b.day >= :today
                    AND b.state IN ('booked', 'wished'))
            ORDER BY d.due_on DESC LIMIT ".self::MOST,
            ['today' => $iso, 'long' => $today->modify(self::YEAR)->format('Y-m-d')],
        );
        $phones = $actor->may(May::PHONE);
        $row = static fn (array $r): array => [
            'dog' => Row::id($r['id']),
            'name' => Row::text($r['name']),
            'day' => Row::text($r['day']),
            'time' => Row::text($r['time']),
            'kind' => Row::text($r['kind']),
            'told' => Row::text($r['told']),
            'owner' => Row::text($r['owner']),
            'phone' => $phones ? Row::text($r['phone']) : '',
            'days' => (int) $today->diff(new \DateTimeImmutable(Row::text($r['day'])))->format('%a'),
        ];

        return new FrontDeskView(
            array_map($row, $asks),
            array_map($row, $silent),
            array_map($row, $overdue),
            array_map(
                static fn (array $r): array => $row($r) + ['why' => Row::text($r['why'])],
                $this->clashes($actor, $today),
            ),
        );
    }

    /**
     * What is booked with somebody who is away by now, or where it is closed.
     *
     * @return list<array<string, mixed>>
     */
    private function clashes(Actor $actor, \DateTimeImmutable $today): array
    {
        $rows = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name, b.day, b.time, b.told, b.kind, b.staff_id, '' owner, '' phone FROM booking b
                JOIN dog d ON d.id = b.dog_id
            WHERE b.salon_id = :salon AND b.day >= :today AND b.day < :until AND b.state = 'booked'
            ORDER BY b.day, b.time",
            ['today' => $today->format('Y-m-d'), 'until' => $today->modify(self::AHEAD)->format('Y-m-d')],
        );
        $this->scope->apply($actor, $this->manager);
        $people = [];
        foreach ($this->manager->getRepository(Staff::class)->findBy(['salon' => $this->scope->salon($actor)]) as $s) {
            $people[$s->id->toBinary()] = $s;
        }
        $places = $this->slots->places();
        $out = [];
        foreach ($rows as $r) {
            $person = \is_string($r['staff_id']) ? $people[$r['staff_id']] ?? null : null;
            $day = new \DateTimeImmutable(Row::text($r['day']));
            $closed = $this->slots->whyClosed($day, Row::text($r['time']), $person, $places);
            if (null !== $closed && \count($out) < self::MOST) {
                $out[] = $r + ['why' => (string) preg_replace('/^cannot be,? ?(.*?)( then)?: /', '$1: ', $closed[1])];
            }
        }

        return $out;
    }
}
