<?php

/** Reads visits: how they left a dog, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type VisitRow from History */
final readonly class Visits
{
    public const MOST = 12;

    public function __construct(private Scope $scope)
    {
    }

    /**
     * How the last visit left several dogs, in one query; only what is needed to tell what they carry.
     *
     * @param list<Dog> $dogs
     *
     * @return array<string, list<VisitRow>> by dog id, one visit each
     */
    public function lastOf(Actor $actor, array $dogs): array
    {
        $visits = [];
        foreach (
            [] === $dogs
                ? []
                : $this->scope->rows(
                    $actor,
                    'SELECT v.dog_id, v.id, v.day, v.kind, z.zone, z.state, z.finished_um FROM (SELECT dog_id, '.
                        "MAX(day) day FROM visit WHERE salon_id = :salon AND kind = 'full' AND dog_id IN (".
                        Row::list(array_map(static fn (Dog $d): Uuid => $d->id, $dogs)).
                        ') GROUP BY dog_id) l
            JOIN visit v ON v.dog_id = l.dog_id AND v.day = l.day
            JOIN visit_zone z ON z.visit_id = v.id WHERE v.salon_id = :salon',
                ) as $row
        ) {
            $dog = Row::id($row['dog_id']);
            $visits[$dog][0] ??= [
                'id' => Row::id($row['id']),
                'day' => Row::text($row['day']),
                'kind' => Row::text($row['kind']),
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
                'zone' => Row::text($row['zone']),
                'state' => Row::text($row['state']),
                'planned' => new ZoneRecipe(),
                'actual' => new ZoneRecipe(),
                'why' => '',
                'finished_um' => Row::int($row['finished_um']),
                'arrival_um' => null,
                'owner_cut' => false,
            ];
        }

        return array_map(static fn (array $all): array => [self::headToTail($all[0])], $visits);
    }

    /** @return list<VisitRow> oldest first, the last twelve */
    public function of(Actor $actor, Dog $dog): array
    {
        $visits = [];
        $rows = $this->scope->rows(
            $actor,
            'SELECT v.id, v.day, v.kind, s.name staff, p.name place, v.minutes, v.arrival_load,
                v.tender_severity, v.upkeep, v.stage, v.note,
                z.zone, z.state, z.why, z.finished_um, z.arrival_um, z.owner_cut, '.
                RecipeArray::columns('z.', 'planned_').
                ', '.
                RecipeArray::columns('z.', 'actual_').
                '
            FROM (SELECT * FROM visit WHERE dog_id = :dog AND salon_id = :salon ORDER BY day DESC, id DESC LIMIT '.
                self::MOST.
                ') v
            JOIN staff s ON s.id = v.staff_id JOIN place p ON p.id = v.place_id
            LEFT JOIN visit_zone z ON z.visit_id = v.id ORDER BY v.day, v.id',
            ['dog' => $dog->id->toBinary()],
        );
        foreach ($rows as $row) {
            $id = Row::id($row['id']);
            $visits[$id] ??= [
                'id' => $id,
                'day' => Row::text($row['day']),
                'kind' => Row::text($row['kind']),
                'staff' => Row::text($row['staff']),
                'place' => Row::text($row['place']),
                'minutes' => Row::int($row['minutes']),
                'load' => is_numeric($row['arrival_load']) ? (float) $row['arrival_load'] : null,
                'tender' => Row::int($row['tender_severity']) ?? 0,
                'upkeep' => \is_string($row['upkeep']) ? $row['upkeep'] : null,
                'stage' => \is_string($row['stage']) ? $row['stage'] : null,
                'note' => Row::text($row['note']),
                'zones' => [],
            ];
            if (\is_string($row['zone'])) {
                $visits[$id]['zones'][] = [
                    'zone' => $row['zone'],
                    'state' => Row::text($row['state']),
                    'planned' => RecipeArray::recipe($row, 'planned_'),
                    'actual' => RecipeArray::recipe($row, 'actual_'),
                    'why' => Row::text($row['why']),
                    'finished_um' => Row::int($row['finished_um']),
                    'arrival_um' => Row::int($row['arrival_um']),
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
}
