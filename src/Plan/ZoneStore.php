<?php

/** Zones of a plan in MariaDB, written as a set: their versions in the WHERE, the changed rows counted. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\DBAL\Connection;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Salon\LostRace;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/**
 * No statement locks in order to read. One JSON parameter carries the set, so that the text of a statement is the same
 * for one zone and for forty, and columns have types instead of the literals' collations.
 *
 * A wish names the zone's version it was made from, 0: never planned.
 *
 * @phpstan-type Wish array{version: int, recipe: ZoneRecipe}
 */
final readonly class ZoneStore
{
    public function __construct(private Connection $db, private Scope $scope)
    {
    }

    /**
     * @param non-empty-array<string, array<string, Wish>> $plans by id of the dog, then by zone
     * @param int|null $revision the plans must still have it; null: any
     *
     * @return array<string, int> the plans' new revisions, by id of the dog
     *
     * @throws LostRace where a zone, or a plan, is not as it was read: then nothing may be kept
     */
    public function change(Actor $actor, array $plans, ?int $revision): array
    {
        // First, so that writers of one plan queue here and do not deadlock.
        $raised = $this->raise($actor, array_keys($plans), $revision);
        $sets = ['update' => [], 'insert' => []];
        foreach ($plans as $dog => $zones) {
            foreach ($zones as $zone => $wish) {
                $sets[$wish['version'] > 0 ? 'update' : 'insert'][] = self::row($raised[$dog]['plan'], $zone, $wish);
            }
        }
        $this->written($actor, $sets['update'], $this->update(...));
        $this->written($actor, $sets['insert'], $this->insert(...));

        return array_map(static fn (array $plan): int => $plan['revision'], $raised);
    }

    /**
     * Gives plans their next revision.
     *
     * @param list<string> $dogs
     *
     * @return array<string, array{plan: string, revision: int}> by id of the dog; plan: its id in hexadecimal
     *
     * @throws LostRace where a plan has not the revision that is named any more
     */
    public function raise(Actor $actor, array $dogs, ?int $revision): array
    {
        $which = 'dog_id IN ('.Row::list(array_map(Uuid::fromString(...), $dogs)).') AND salon_id = :salon';
        $raised = (int) $this->db->executeStatement(
            "UPDATE trim_plan SET revision = revision + 1 WHERE $which".
                (null === $revision ? '' : ' AND revision = :revision'),
            ['salon' => $actor->salon->toBinary()] + (null === $revision ? [] : ['revision' => $revision]),
        );
        if (\count($dogs) !== $raised) {
            throw LostRace::rows('trim_plan', \count($dogs), $raised);
        }
        $out = [];
        foreach ($this->scope->rows($actor, "SELECT id, dog_id, revision FROM trim_plan WHERE $which") as $row) {
            $out[Row::id($row['dog_id'])] = [
                'plan' => bin2hex(Row::text($row['id'])),
                'revision' => Row::int($row['revision']) ?? 0,
            ];
        }

        return $out;
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @param callable(array<string, mixed>): int $write
     */
    private function written(Actor $actor, array $rows, callable $write): void
    {
        if ([] === $rows) {
            return;
        }
        // In one order for everybody.
        usort($rows, static fn (array $a, array $b): int => [$a['plan'], $a['zone']] <=> [$b['plan'], $b['zone']]);
        $changed = $write([
            'salon' => $actor->salon->toBinary(),
            'set' => json_encode($rows, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
        ]);
        if ($changed !== \count($rows)) {
            throw LostRace::rows('plan_zone', \count($rows), $changed);
        }
    }

    /** @param array<string, mixed> $parameters */
    private function update(array $parameters): int
    {
        $columns = array_keys(RecipeCodec::COLUMNS);
        $set = implode(', ', array_map(static fn (string $c): string => "z.$c = n.$c", $columns));

        return (int) $this->db->executeStatement(
            'UPDATE '.
                self::table().
                " STRAIGHT_JOIN plan_zone z ON z.plan_id = UNHEX(n.plan) AND z.zone = n.zone
            SET z.version = z.version + 1, $set WHERE z.version = n.version AND z.salon_id = :salon",
            $parameters,
        );
    }

    /**
     * A row that is there already counts as none: its unique key (plan, zone) decides between two first ones.
     *
     * @param array<string, mixed> $parameters
     */
    private function insert(array $parameters): int
    {
        $columns = array_keys(RecipeCodec::COLUMNS);

        return (int) $this->db->executeStatement(
            'INSERT INTO plan_zone (id, salon_id, plan_id, zone, version, '.
                implode(', ', $columns).
                ')
            SELECT UNHEX(n.id), :salon, UNHEX(n.plan), n.zone, 1, n.'.
                implode(', n.', $columns).
                ' FROM '.
                self::table().
                '
            ON DUPLICATE KEY UPDATE plan_zone.version = plan_zone.version',
            $parameters,
        );
    }

    private static function table(): string
    {
        $list = [];
        $row = ['id' => 'CHAR(32)', 'plan' => 'CHAR(32)', 'zone' => 'VARCHAR(40)', 'version' => 'INT'];
        foreach ($row + RecipeCodec::COLUMNS as $name => $type) {
            $collation = str_contains($type, 'CHAR') ? ' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci' : '';
            $list[] = "$name $type$collation PATH '$.$name'";
        }

        return "JSON_TABLE(:set, '$[*]' COLUMNS (".implode(', ', $list).')) n';
    }

    /**
     * Absent members become NULL.
     *
     * @param Wish $wish
     *
     * @return array<string, mixed>
     */
    private static function row(string $plan, string $zone, array $wish): array
    {
        $recipe = RecipeCodec::toRow($wish['recipe']);

        return array_filter($recipe, static fn (mixed $value): bool => null !== $value) + [
            'id' => bin2hex(Uuid::v7()->toBinary()),
            'plan' => $plan,
            'zone' => $zone,
            'version' => $wish['version'],
        ];
    }
}
