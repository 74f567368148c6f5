<?php

/** Reads what a card is made of, in five queries whatever the dog's history. */

declare(strict_types=1);

namespace KeenThistle\Card;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Book\Dog;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Http\Problem;
use KeenThistle\Salon\Scope;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type VisitRow from History */
final readonly class CardRows
{
    public const VISITS = 12;

    public function __construct(private Scope $scope, private EntityManagerInterface $manager)
    {
    }

    /** The dog with its household and people. @throws Problem 404 */
    public function dog(string $id): Dog
    {
        if (!Uuid::isValid($id)) {
            throw Problem::notFound('dog');
        }
        $dog = $this->manager
            ->createQuery(
                'SELECT d, h, c FROM '.Dog::class.' d JOIN d.household h LEFT JOIN h.clients c WHERE d.id = :id',
            )
            ->setParameter('id', Uuid::fromString($id), 'uuid')
            ->getOneOrNullResult();
        if ($dog instanceof Dog) {
            return $dog;
        }
        $this->scope->logIfForeign('dog', $id, 'dog');
        throw Problem::notFound('dog');
    }

    /** @return array{int, array<string, array{version: int, recipe: ZoneRecipe}>} revision, zones */
    public function plan(Dog $dog): array
    {
        $revision = 0;
        $zones = [];
        foreach (
            $this->scope->rows(
                'SELECT p.revision, z.zone, z.version, '.
                    self::columns('z.', '').
                    ' FROM trim_plan p LEFT JOIN plan_zone z ON z.plan_id = p.id WHERE p.dog_id = :dog AND '.
                    'p.salon_id = :salon',
                ['dog' => $dog->id->toBinary()],
            ) as $row
        ) {
            $revision = self::int($row['revision']) ?? 0;
            if (\is_string($row['zone'])) {
                $zones[$row['zone']] = [
                    'version' => self::int($row['version']) ?? 0,
                    'recipe' => RecipeArray::recipe($row),
                ];
            }
        }

        return [$revision, $zones];
    }

    /**
     * The plans of several dogs in one query.
     *
     * @param list<Dog> $dogs
     *
     * @return array<string, array<string, array{version: int, recipe: ZoneRecipe}>> by dog id, then zone
     */
    public function plans(array $dogs): array
    {
        $plans = [];
        foreach (
            [] === $dogs
                ? []
                : $this->scope->rows(
                    'SELECT p.dog_id, z.zone, z.version, '.
                        self::columns('z.', '').
                        ' FROM trim_plan p JOIN plan_zone z ON z.plan_id = p.id WHERE p.salon_id = :salon AND '.
                        'p.dog_id IN ('.
                        self::list($dogs).
                        ')',
                ) as $row
        ) {
            if (\is_string($row['zone'])) {
                $plans[(string) Uuid::fromBinary(self::text($row['dog_id']))][$row['zone']] = [
                    'version' => self::int($row['version']) ?? 0,
                    'recipe' => RecipeArray::recipe($row),
                ];
            }
        }

        return $plans;
    }

    /**
     * How the last visit left several dogs, in one query; only what is needed to tell what they carry.
     *
     * @param list<Dog> $dogs
     *
     * @return array<string, list<VisitRow>> by dog id, one visit each
     */
    public function lastVisits(array $dogs): array
    {
        $visits = [];
        foreach (
            [] === $dogs
                ? []
                : $this->scope->rows(
                    'SELECT v.dog_id, v.id, v.day, v.kind, z.zone, z.state, z.finished_um FROM (SELECT dog_id, '.
                        "MAX(day) day FROM visit WHERE salon_id = :salon AND kind = 'full' AND dog_id IN (".
                        self::list($dogs).
                        ') GROUP BY dog_id) l
            JOIN visit v ON v.dog_id = l.dog_id AND v.day = l.day
            JOIN visit_zone z ON z.visit_id = v.id WHERE v.salon_id = :salon',
                ) as $row
        ) {
            $dog = (string) Uuid::fromBinary(self::text($row['dog_id']));
            $visits[$dog][0] ??= [
                'id' => (string) Uuid::fromBinary(self::text($row['id'])),
                'day' => self::text($row['day']),
                'kind' => self::text($row['kind']),
                'staff' => '',
                'place' => '',
                'minutes' => null,
                'load' => null,
                'tender' => 0,
                'upkeep' => null,
                'stage' => null,
                'note' => '',
                'zones' => [],
            ];
            $visits[$dog][0]['zones'][] = [
                'zone' => self::text($row['zone']),
                'state' => self::text($row['state']),
                'planned' => new ZoneRecipe(),
                'actual' => new ZoneRecipe(),
                'why' => '',
                'finished_um' => self::int($row['finished_um']),
                'arrival_um' => null,
                'owner_cut' => false,
            ];
        }

        return array_map(static fn (array $all): array => [self::headToTail($all[0])], $visits);
    }

    /** @return list<VisitRow> oldest first, the last twelve */
    public function visits(Dog $dog): array
    {
        $visits = [];
        $rows = $this->scope->rows(
            'SELECT v.id, v.day, v.kind, s.name staff, p.name place, v.minutes, v.arrival_load,
                v.tender_severity, v.upkeep, v.stage, v.note,
                z.zone, z.state, z.why, z.finished_um, z.arrival_um, z.owner_cut, '.
                self::columns('z.', 'planned_').
                ', '.
                self::columns('z.', 'actual_').
                '
            FROM (SELECT * FROM visit WHERE dog_id = :dog AND salon_id = :salon ORDER BY day DESC, id DESC LIMIT '.
                self::VISITS.
                ') v
            JOIN staff s ON s.id = v.staff_id JOIN place p ON p.id = v.place_id
            LEFT JOIN visit_zone z ON z.visit_id = v.id ORDER BY v.day, v.id',
            ['dog' => $dog->id->toBinary()],
        );
        foreach ($rows as $row) {
            $id = (string) Uuid::fromBinary(self::text($row['id']));
            $visits[$id] ??= [
                'id' => $id,
                'day' => self::text($row['day']),
                'kind' => self::text($row['kind']),
                'staff' => self::text($row['staff']),
                'place' => self::text($row['place']),
                'minutes' => self::int($row['minutes']),
                'load' => is_numeric($row['arrival_load']) ? (float) $row['arrival_load'] : null,
                'tender' => self::int($row['tender_severity']) ?? 0,
                'upkeep' => \is_string($row['upkeep']) ? $row['upkeep'] : null,
                'stage' => \is_string($row['stage']) ? $row['stage'] : null,
                'note' => self::text($row['note']),
                'zones' => [],
            ];
            if (\is_string($row['zone'])) {
                $visits[$id]['zones'][] = [
                    'zone' => $row['zone'],
                    'state' => self::text($row['state']),
                    'planned' => RecipeArray::recipe($row, 'planned_'),
                    'actual' => RecipeArray::recipe($row, 'actual_'),
                    'why' => self::text($row['why']),
                    'finished_um' => self::int($row['finished_um']),
                    'arrival_um' => self::int($row['arrival_um']),
                    'owner_cut' => (bool) $row['owner_cut'],
                ];
            }
        }

        return array_map(self::headToTail(...), array_values($visits));
    }

    /**
     * Rows come as their random ids lie: what is said of the first of them must not hang on that.
     *
     * @param VisitRow $visit
     *
     * @return VisitRow
     */
    private static function headToTail(array $visit): array
    {
        $order = array_flip(ZoneTable::ids());
        usort(
            $visit['zones'],
            static fn (array $a, array $b): int => ($order[$a['zone']] ?? 999) <=> ($order[$b['zone']] ?? 999),
        );

        return $visit;
    }

    /** @return list<BookingView> from today on */
    public function bookings(Dog $dog, \DateTimeImmutable $today): array
    {
        $rows = $this->scope->rows(
            "SELECT b.id, b.day, b.time, b.kind, b.note, b.state, b.version, s.name staff FROM booking b
                LEFT JOIN staff s ON s.id = b.staff_id
            WHERE b.dog_id = :dog AND b.salon_id = :salon AND b.day >= :today
            AND b.state IN ('booked', 'wished') ORDER BY b.day, b.time LIMIT 6",
            ['dog' => $dog->id->toBinary(), 'today' => $today->format('Y-m-d')],
        );

        return array_map(
            static fn (array $row): BookingView => new BookingView(
                (string) Uuid::fromBinary(self::text($row['id'])),
                (string) $dog->id,
                $dog->name,
                self::text($row['day']),
                self::text($row['time']),
                self::text($row['kind']),
                \is_string($row['staff']) ? $row['staff'] : null,
                self::text($row['note']),
                self::text($row['state']),
                self::int($row['version']) ?? 1,
            ),
            $rows,
        );
    }

    /** @return list<RecentChangeView> newest first */
    public function changes(Dog $dog): array
    {
        $me = $this->scope->staff()->id->toBinary();

        return array_map(
            static fn (array $row): RecentChangeView => new RecentChangeView(
                (string) Uuid::fromBinary(self::text($row['id'])),
                self::text($row['name']),
                $row['staff_id'] === $me,
                self::instant($row['at']),
                self::text($row['summary']),
                self::text($row['kind']),
                self::text($row['subject']),
            ),
            $this->scope->rows(
                'SELECT c.id, c.at, c.summary, c.kind, c.subject, c.staff_id, s.name FROM change_log c JOIN '.
                    'staff s ON s.id = c.staff_id WHERE c.dog_id = :dog AND c.salon_id = :salon ORDER BY c.id '.
                    'DESC LIMIT 8',
                ['dog' => $dog->id->toBinary()],
            ),
        );
    }

    public static function instant(mixed $value): string
    {
        return str_replace(' ', 'T', self::text($value)).'Z';
    }

    /** @param list<Dog> $dogs ids as the database writes them */
    private static function list(array $dogs): string
    {
        return implode(', ', array_map(static fn (Dog $d): string => "x'".bin2hex($d->id->toBinary())."'", $dogs));
    }

    private static function columns(string $table, string $prefix): string
    {
        return implode(
            ', ',
            array_map(
                static fn (string $column): string => $table.'`'.$prefix.$column.'`',
                RecipeArray::COLUMNS,
            ),
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : throw new \LogicException('This column holds text.');
    }

    private static function int(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
