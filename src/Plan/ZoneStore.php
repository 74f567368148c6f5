<?php

/** Zones of a plan in MariaDB, written as a set: their versions in the WHERE, the changed rows counted. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use Doctrine\DBAL\Connection;
use KeenThistle\Command\LostRace;
use KeenThistle\Recipe\RecipeArray;
use KeenThistle\Recipe\ZoneRecipe;
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
    /** Column of plan_zone => its type inside JSON_TABLE; RecipeArray::COLUMNS. */
    private const RECIPE = [
        'method' => 'VARCHAR(10)',
        'tool' => 'VARCHAR(40)',
        'blade' => 'VARCHAR(8)',
        'guard_um' => 'INT',
        'base' => 'VARCHAR(8)',
        'clipper_unit' => 'VARCHAR(60)',
        'lay' => 'VARCHAR(8)',
        'entered_um' => 'INT',
        'stop_line' => 'VARCHAR(20)',
        'shape' => 'VARCHAR(80)',
        'reason' => 'VARCHAR(16)',
        'carry' => 'VARCHAR(16)',
        'exception' => 'TINYINT',
        'note' => 'VARCHAR(300)',
    ];

    public function __construct(private Connection $db, private Scope $scope)
    {
    }

    /**
     * @param non-empty-array<string, Wish> $zones by zone
     * @param int|null $revision the plan must still have it; null: any
     *
     * @return int the plan's new revision
     *
     * @throws LostRace where a zone, or the plan, is not as it was read: then nothing may be kept
     */
    public function change(Actor $actor, Uuid $dog, array $zones, ?int $revision): int
    {
        // First, so that writers of one plan queue here and do not deadlock.
        $new = $this->raise($actor, $dog, $revision);
        $ids = [
            'plan' => $this->scope->rows($actor, 'SELECT id FROM trim_plan WHERE dog_id = :dog AND salon_id = :salon', [
                'dog' => $dog->toBinary(),
            ])[0]['id'] ?? null,
            'salon' => $actor->salon->toBinary(),
        ];
        ksort($zones);
        $this->written(array_filter($zones, static fn (array $w): bool => $w['version'] > 0), $this->update(...), $ids);
        $this->written(
            array_filter($zones, static fn (array $w): bool => 0 === $w['version']),
            $this->insert(...),
            $ids,
        );

        return $new;
    }

    /**
     * The plan's next revision.
     *
     * @throws LostRace where the plan has not the one that is named any more
     */
    public function raise(Actor $actor, Uuid $dog, ?int $revision): int
    {
        $raised = (int) $this->db->executeStatement(
            'UPDATE trim_plan SET revision = LAST_INSERT_ID(revision + 1) WHERE dog_id = :dog AND salon_id = :salon'.
                (null === $revision ? '' : ' AND revision = :revision'),
            ['dog' => $dog->toBinary(), 'salon' => $actor->salon->toBinary()] +
                (null === $revision ? [] : ['revision' => $revision]),
        );
        if (1 !== $raised) {
            throw LostRace::rows('trim_plan', 1, $raised);
        }

        return (int) $this->db->lastInsertId();
    }

    /**
     * @param array<string, Wish> $zones
     * @param callable(array<string, mixed>): int $write
     * @param array<string, mixed> $ids
     */
    private function written(array $zones, callable $write, array $ids): void
    {
        if ([] === $zones) {
            return;
        }
        $changed = $write($ids + ['set' => self::json($zones)]);
        if ($changed !== \count($zones)) {
            throw LostRace::rows('plan_zone', \count($zones), $changed);
        }
    }

    /** @param array<string, mixed> $parameters */
    private function update(array $parameters): int
    {
        $set = implode(', ', array_map(static fn (string $c): string => "z.$c = n.$c", array_keys(self::RECIPE)));

        return (int) $this->db->executeStatement(
            'UPDATE '.
                self::table().
                " STRAIGHT_JOIN plan_zone z ON z.plan_id = :plan AND z.zone = n.zone
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
        $columns = array_keys(self::RECIPE);

        return (int) $this->db->executeStatement(
            'INSERT INTO plan_zone (id, salon_id, plan_id, zone, version, '.
                implode(', ', $columns).
                ')
            SELECT UNHEX(n.id), :salon, :plan, n.zone, 1, n.'.
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
        foreach (['id' => 'CHAR(32)', 'zone' => 'VARCHAR(40)', 'version' => 'INT'] + self::RECIPE as $name => $type) {
            $collation = str_contains($type, 'CHAR') ? ' CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci' : '';
            $list[] = "$name $type$collation PATH '$.$name'";
        }

        return "JSON_TABLE(:set, '$[*]' COLUMNS (".implode(', ', $list).')) n';
    }

    /**
     * Absent members become NULL.
     *
     * @param array<string, Wish> $zones
     */
    private static function json(array $zones): string
    {
        $rows = [];
        foreach ($zones as $zone => $wish) {
            $recipe = RecipeArray::of($wish['recipe']);
            $recipe['exception'] = null === $wish['recipe']->exception ? null : (int) $wish['recipe']->exception;
            $rows[] = array_filter($recipe, static fn (mixed $value): bool => null !== $value) + [
                'id' => bin2hex(Uuid::v7()->toBinary()),
                'zone' => $zone,
                'version' => $wish['version'],
            ];
        }

        return json_encode($rows, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }
}
