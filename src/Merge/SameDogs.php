<?php

/** Finds records that may be the same dog, as the core's rule says. */

declare(strict_types=1);

namespace KeenThistle\Merge;

use KeenThistle\Book\Dog;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Same\Record;
use KeenThistle\Core\Same\SameDogRule;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\May;
use KeenThistle\Staff\Scope;

final readonly class SameDogs
{
    public function __construct(private Scope $scope)
    {
    }

    public function of(Actor $actor, Dog $dog): SameDogView
    {
        $first = $dog->household->first();
        $own = new Record(
            $dog->name,
            $first->name ?? '',
            $first->phone ?? '',
            $dog->breed,
            $dog->build,
            $dog->coat,
        );
        $rows = $this->scope->rows(
            $actor,
            "SELECT d.id, d.name, d.breed, d.build, d.coat, c.name owner, c.phone,
                (SELECT COUNT(*) FROM visit v WHERE v.dog_id = d.id) visits
            FROM dog d JOIN client c ON c.household_id = d.household_id
            WHERE d.salon_id = :salon AND d.id <> :id AND d.state <> 'merged' AND d.name LIKE :name
            ORDER BY d.id LIMIT 200",
            ['id' => $dog->id->toBinary(), 'name' => addcslashes(mb_substr($dog->name, 0, 3), '%_\\').'%'],
        );
        $found = [];
        foreach ($rows as $row) {
            $why = SameDogRule::signs($own, self::record($row));
            if (\count($why) > \count($found[Row::id($row['id'])]['why'] ?? [])) {
                $found[Row::id($row['id'])] = [
                    'id' => Row::id($row['id']),
                    'name' => Row::text($row['name']),
                    'breed' => Row::text($row['breed']),
                    'owner' => Row::text($row['owner']),
                    'phone' => $actor->may(May::PHONE) ? Row::text($row['phone']) : '',
                    'visits' => Row::int($row['visits']) ?? 0,
                    'why' => $why,
                ];
            }
        }
        uasort($found, static fn (array $a, array $b): int => \count($b['why']) <=> \count($a['why']));

        return new SameDogView(\array_slice(array_values($found), 0, 5), $this->merged($actor, $dog));
    }

    /** @param array<string, mixed> $row */
    private static function record(array $row): Record
    {
        return new Record(
            Row::text($row['name']),
            Row::text($row['owner']),
            Row::text($row['phone']),
            Row::text($row['breed']),
            Row::text($row['build']),
            CoatType::from(Row::text($row['coat'])),
        );
    }

    /** @return list<array{id: string, name: string, at: string, who: string}> */
    private function merged(Actor $actor, Dog $dog): array
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT m.id, d.name, m.at, s.name who FROM dog_merge m JOIN dog d ON d.id = m.dog_id
            JOIN staff s ON s.id = m.staff_id
            WHERE m.salon_id = :salon AND m.kept_id = :id AND m.parted = 0 ORDER BY m.id DESC',
            ['id' => $dog->id->toBinary()],
        );

        return array_map(static fn (array $r): array => [
            'id' => Row::id($r['id']),
            'name' => Row::text($r['name']),
            'at' => Row::instant($r['at']),
            'who' => Row::text($r['who']),
        ], $rows);
    }
}
