<?php

/** Reads visits: how they left a dog, zone by zone. */

declare(strict_types=1);

namespace KeenThistle\Visit;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/**
 * What is said of a zone in full is read only where somebody looks at it; the rules need much less.
 *
 * @phpstan-import-type PastZone from History
 * @phpstan-import-type PastRow from History
 *
 * @phpstan-type ZoneRow array{zone: string, state: string, planned: ZoneRecipe, actual: ZoneRecipe, why: string,
 *     method: string|null, forced: bool, finished_um: int|null, arrival_um: int|null, owner_cut: bool}
 * @phpstan-type VisitRow array{id: string, day: string, kind: string, staff: string, place: string,
 *     minutes: int|null, load: float|null, tender: int, upkeep: string|null, stage: string|null, note: string,
 *     left_out: list<string>, seen: array<string, string>, zones: list<ZoneRow>}
 */
final readonly class Visits
{
    public const MOST = 12;

    private const PAST = 'z.zone, z.state, z.actual_method method, z.actual_reason reason, z.finished_um, z.arrival_um,
        z.owner_cut';

    public function __construct(private Scope $scope)
    {
    }

    /**
     * How the last visit left several dogs, in one query.
     *
     * @param list<Dog> $dogs
     *
     * @return array<string, list<PastRow>> by dog id, one visit each
     */
    public function lastOf(Actor $actor, array $dogs): array
    {
        $visits = [];
        $rows =
            [] === $dogs
                ? []
                : $this->scope->rows(
                    $actor,
                    'SELECT v.dog_id, v.id, v.day, v.kind, '.
                        self::PAST.
                        " FROM (SELECT dog_id, MAX(day) day FROM visit
                        WHERE salon_id = :salon AND kind = 'full' AND dog_id IN (".
                        Row::list(array_map(static fn (Dog $d): Uuid => $d->id, $dogs)).
                        ') GROUP BY dog_id) l
                    JOIN visit v ON v.dog_id = l.dog_id AND v.day = l.day
                    JOIN visit_zone z ON z.visit_id = v.id WHERE v.salon_id = :salon',
                );
        foreach ($rows as $row) {
            $dog = Row::id($row['dog_id']);
            $visits[$dog][0] ??= self::head($row);
            $visits[$dog][0]['zones'][] = self::pastZone($row);
        }

        return array_map(
            static fn (array $all): array => [['zones' => self::headToTail($all[0]['zones'])] + $all[0]],
            $visits,
        );
    }

    /** @return list<PastRow> what the rules learn from, oldest first, the last twelve */
    public function past(Actor $actor, Dog $dog): array
    {
        $visits = [];
        foreach ($this->rows($actor, $dog, self::PAST) as $row) {
            $id = Row::text($row['id']);
            $visits[$id] ??= self::head($row);
            if (\is_string($row['zone'])) {
                $visits[$id]['zones'][] = self::pastZone($row);
            }
        }

        return array_map(
            static fn (array $v): array => ['zones' => self::headToTail($v['zones'])] + $v,
            self::oldestFirst($visits),
        );
    }

    /** @return list<VisitRow> with every recipe, oldest first, the last twelve */
    public function of(Actor $actor, Dog $dog): array
    {
        $visits = [];
        foreach ($this->rows($actor, $dog, self::PAST.', '.self::recipes()) as $row) {
            $id = Row::text($row['id']);
            $visits[$id] ??= self::head($row);
            if (\is_string($row['zone'])) {
                $visits[$id]['zones'][] = self::zone($row);
            }
        }

        return array_map(
            static fn (array $v): array => ['zones' => self::headToTail($v['zones'])] + $v,
            self::oldestFirst($visits),
        );
    }

    /** @return list<ZoneRow> of one visit, head to tail. @throws Refused 404 */
    public function zones(Actor $actor, string $id): array
    {
        if (!Uuid::isValid($id)) {
            throw Refused::notFound('visit');
        }
        $rows = $this->scope->rows(
            $actor,
            'SELECT '.
                self::PAST.
                ', '.
                self::recipes().
                ' FROM visit v LEFT JOIN visit_zone z ON z.visit_id = v.id '.
                'WHERE v.id = :visit AND v.salon_id = :salon',
            ['visit' => Uuid::fromString($id)->toBinary()],
        );
        if ([] === $rows) {
            $this->scope->logIfForeign($actor, 'visit', $id, 'visit');
            throw Refused::notFound('visit');
        }
        $zones = array_values(array_filter($rows, static fn (array $r): bool => \is_string($r['zone'])));

        return self::headToTail(array_map(self::zone(...), $zones));
    }

    /** @return list<array<string, mixed>> one a visit and zone */
    private function rows(Actor $actor, Dog $dog, string $columns): array
    {
        return $this->scope->rows(
            $actor,
            "SELECT v.id, v.day, v.kind, s.name staff, p.name place, v.minutes, v.arrival_load,
                v.tender_severity, v.upkeep, v.stage, v.note, v.left_out, v.seen, $columns
            FROM (SELECT * FROM visit WHERE dog_id = :dog AND salon_id = :salon ORDER BY day DESC, id DESC LIMIT ".
                self::MOST.
                ') v
            JOIN staff s ON s.id = v.staff_id JOIN place p ON p.id = v.place_id
            LEFT JOIN visit_zone z ON z.visit_id = v.id',
            ['dog' => $dog->id->toBinary()],
        );
    }

    private static function recipes(): string
    {
        return 'z.why, '.RecipeCodec::columns('z.', 'planned_').', '.RecipeCodec::columns('z.', 'actual_');
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array{id: string, day: string, kind: string, staff: string, place: string, minutes: int|null,
     *     load: float|null, tender: int, upkeep: string|null, stage: string|null, note: string,
     *     left_out: list<string>, seen: array<string, string>, zones: array{}}
     */
    private static function head(array $row): array
    {
        $text = static fn (string $name): ?string => \is_string($row[$name] ?? null) ? $row[$name] : null;

        return [
            'id' => Row::id($row['id']),
            'day' => Row::text($row['day']),
            'kind' => Row::text($row['kind']),
            'staff' => $text('staff') ?? '',
            'place' => $text('place') ?? '',
            'minutes' => Row::int($row['minutes'] ?? null),
            'load' => is_numeric($row['arrival_load'] ?? null) ? (float) $row['arrival_load'] : null,
            'tender' => Row::int($row['tender_severity'] ?? null) ?? 0,
            'upkeep' => $text('upkeep'),
            'stage' => $text('stage'),
            'note' => $text('note') ?? '',
            'left_out' => Row::texts($row['left_out'] ?? null),
            'seen' => Row::words($row['seen'] ?? null),
            'zones' => [],
        ];
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return PastZone
     */
    private static function pastZone(array $row): array
    {
        return [
            'zone' => Row::text($row['zone']),
            'state' => Row::text($row['state']),
            'method' => \is_string($row['method']) ? $row['method'] : null,
            'forced' => 'forced_by_mat' === $row['reason'],
            'finished_um' => Row::int($row['finished_um']),
            'arrival_um' => Row::int($row['arrival_um']),
            'owner_cut' => (bool) $row['owner_cut'],
        ];
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return ZoneRow
     */
    private static function zone(array $row): array
    {
        return [
            'planned' => RecipeCodec::fromArray($row, 'planned_'),
            'actual' => RecipeCodec::fromArray($row, 'actual_'),
            'why' => Row::text($row['why']),
        ] + self::pastZone($row);
    }

    /**
     * Sorted here: the server would sort every row of every zone.
     *
     * @template V of array{id: string, day: string}
     *
     * @param array<string, V> $visits
     *
     * @return list<V>
     */
    private static function oldestFirst(array $visits): array
    {
        usort($visits, static fn (array $a, array $b): int => [$a['day'], $a['id']] <=> [$b['day'], $b['id']]);

        return $visits;
    }

    /**
     * Rows come as their random ids lie: what is said of the first of them must not hang on that.
     *
     * @template Z of array{zone: string}
     *
     * @param list<Z> $zones
     *
     * @return list<Z>
     */
    private static function headToTail(array $zones): array
    {
        $byZone = array_column($zones, null, 'zone');
        $sorted = [];
        foreach (ZoneTable::ids() as $id) {
            if (isset($byZone[$id])) {
                $sorted[] = $byZone[$id];
            }
        }

        return $sorted;
    }
}
