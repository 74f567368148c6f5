<?php

/** Reads what an arrival needs besides the card's own rows. */

declare(strict_types=1);

namespace KeenThistle\Arrival;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Handling\HandlingRecord;
use KeenThistle\Handling\LadderEntry;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Role;
use KeenThistle\Staff\Scope;
use KeenThistle\Staff\Staff;
use KeenThistle\Visit\Visits;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type Comb from Arrival */
final readonly class ArrivalRows
{
    public function __construct(
        private Scope $scope,
        private EntityManagerInterface $manager,
        private ClockInterface $clock,
    ) {
    }

    /** With its dog, household and people. @throws Refused 404 */
    public function arrival(Actor $actor, string $id): Arrival
    {
        if (Uuid::isValid($id)) {
            $this->scope->apply($actor, $this->manager);
            $arrival = $this->manager
                ->createQuery(
                    'SELECT a, d, h, c, s FROM '.
                        Arrival::class.
                        ' a JOIN a.dog d JOIN d.household h LEFT JOIN h.clients c JOIN a.staff s WHERE a.id = :id',
                )
                ->setParameter('id', Uuid::fromString($id), 'uuid')
                ->getOneOrNullResult();
            if ($arrival instanceof Arrival) {
                return $arrival;
            }
            $this->scope->logIfForeign($actor, 'arrival', $id, 'arrival');
        }
        throw Refused::notFound('arrival');
    }

    /** That of a dog on a day; null: it has not come. */
    public function ofDay(Actor $actor, string $dog, \DateTimeImmutable $day): ?Arrival
    {
        $found = $this->scope->rows(
            $actor,
            'SELECT id FROM arrival WHERE salon_id = :salon AND dog_id = :dog AND day = :day',
            ['dog' => Uuid::fromString($dog)->toBinary(), 'day' => $day->format('Y-m-d')],
        );

        return [] === $found ? null : $this->arrival($actor, Row::id($found[0]['id']));
    }

    /**
     * @return array{array<string, int>, list<array{day: string, load: float}>} severities by zone found last time,
     *     loads of the arrivals before, oldest first
     */
    public function before(Actor $actor, Arrival $arrival): array
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT day, comb, mat_load FROM arrival WHERE salon_id = :salon AND dog_id = :dog AND day < :day '.
                'ORDER BY day DESC LIMIT 8',
            ['dog' => $arrival->dog->id->toBinary(), 'day' => $arrival->day->format('Y-m-d')],
        );
        $last = [];
        $comb = [] === $rows || !\is_string($rows[0]['comb']) ? null : json_decode($rows[0]['comb'], true);
        foreach (\is_array($comb) && \is_array($comb['zones'] ?? null) ? $comb['zones'] : [] as $z) {
            if (
                \is_array($z)
                && \is_string($z['zone'] ?? null)
                && \is_int($z['severity'] ?? null)
                && $z['severity'] > 0
            ) {
                $last[$z['zone']] = $z['severity'];
            }
        }

        return [
            $last,
            array_reverse(
                array_map(
                    static fn (array $r): array => [
                        'day' => \is_string($r['day']) ? $r['day'] : '',
                        'load' => is_numeric($r['mat_load']) ? round((float) $r['mat_load'], 1) : 0.0,
                    ],
                    $rows,
                ),
            ),
        ];
    }

    /** @return list<HandlingRecord> */
    public function handling(Arrival $arrival): array
    {
        return $this->manager
            ->getRepository(HandlingRecord::class)
            ->findBy(['dog' => $arrival->dog], ['tool' => 'ASC']);
    }

    /** @return array<string, list<Exposure>> by tool */
    public function exposures(Arrival $arrival): array
    {
        $out = [];
        foreach (
            $this->manager
                ->getRepository(LadderEntry::class)
                ->findBy(['dog' => $arrival->dog], ['day' => 'DESC', 'id' => 'DESC'], 60) as $e
        ) {
            $out[$e->tool->value][] = new Exposure($e->day, $e->rung, $e->calm);
        }

        // Newest first from the index; the rule sorts by day and keeps the order within one.
        return array_map(array_reverse(...), $out);
    }

    /** @return list<Staff> who may stand at a table */
    public function tableStaff(): array
    {
        $staff = $this->manager
            ->getRepository(Staff::class)
            ->findBy(
                ['active' => true, 'role' => [Role::Manager, Role::Groomer, Role::MobileGroomer, Role::Bather]],
                ['name' => 'ASC'],
            );

        return array_values($staff);
    }

    /** @return list<Agreement> oldest first */
    public function agreements(Arrival $arrival): array
    {
        $found = $this->manager
            ->createQuery(
                'SELECT a, s FROM '.
                    Agreement::class.
                    ' a JOIN a.staff s WHERE a.arrival = :arrival ORDER BY a.number',
            )
            ->setParameter('arrival', $arrival->id, 'uuid')
            ->getResult();

        return \is_array($found)
            ? array_values(array_filter($found, static fn (mixed $a): bool => $a instanceof Agreement))
            : [];
    }

    /** @return list<PhotoView> oldest first */
    public function photos(Actor $actor, Arrival $arrival): array
    {
        $me = $this->scope->person($actor);

        return array_map(
            fn (array $r): PhotoView => new PhotoView(
                (string) Uuid::fromBinary(self::text($r['id'])),
                self::text($r['zone']),
                self::text($r['moment']),
                self::int($r['width']),
                self::int($r['height']),
                self::text($r['name']),
                Photo::mayBeTakenOut(
                    Uuid::fromBinary(self::text($r['id'])),
                    self::text($r['staff_id']) === $me->id->toBinary(),
                    $me,
                    $this->clock->now(),
                ),
            ),
            $this->scope->rows(
                $actor,
                'SELECT p.staff_id, p.id, p.zone, p.moment, p.width, p.height, s.name FROM photo p JOIN staff s '.
                    'ON s.id = p.staff_id WHERE p.salon_id = :salon AND p.arrival_id = :arrival ORDER BY p.id',
                ['arrival' => $arrival->id->toBinary()],
            ),
        );
    }

    /**
     * Visits whose estimate and minutes are known, oldest first.
     *
     * @return list<array{estimate: float, actual: float, kind: string}>
     */
    public function timed(Actor $actor, string $column, Uuid $id): array
    {
        \assert('dog_id' === $column || 'staff_id' === $column);

        return array_reverse(
            array_map(
                static fn (array $r): array => [
                    'estimate' => is_numeric($r['estimate']) ? (float) $r['estimate'] : 1.0,
                    'actual' => is_numeric($r['minutes']) ? (float) $r['minutes'] : 1.0,
                    'kind' => self::text($r['kind']),
                ],
                $this->scope->rows(
                    $actor,
                    'SELECT estimate, minutes, kind FROM visit '.
                        "WHERE salon_id = :salon AND $column = :id AND estimate >= 1 AND minutes >= ".
                        '1 ORDER BY day DESC, id DESC LIMIT '.
                        Visits::MOST,
                    ['id' => $id->toBinary()],
                ),
            ),
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }

    private static function int(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
