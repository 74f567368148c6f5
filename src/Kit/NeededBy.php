<?php

/**
 * Who needs a tool: the dogs whose cards name it, when they come, and what would be left to make the same without it.
 */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type KitRow from KitReader */
final readonly class NeededBy
{
    private const SHOWN = 40;
    /** Those who come first; nobody grooms as many in a week. */
    private const COUNTED = 1000;

    public function __construct(private Scope $scope, private KitReader $kit)
    {
    }

    /** @param KitRow $row */
    public function of(Actor $actor, array $row): NeededByView
    {
        [$where, $parameters] = self::where($row);
        if (null === $where) {
            return new NeededByView(0, 0, [], 'Cards do not name tools of this kind.');
        }
        $today = $this->scope->today($actor);
        $all =
            $this->scope->rows(
                $actor,
                'SELECT COUNT(DISTINCT z.plan_id) n FROM plan_zone z WHERE '.
                    "z.salon_id = :salon AND z.method IS NOT NULL AND $where",
                $parameters,
            )[0]['n'] ?? 0;
        $rows = $this->scope->rows(
            $actor,
            'SELECT d.id dog, d.name, z.zone, n.next, '.
                RecipeCodec::columns('z.').
                "
            FROM (SELECT z.plan_id, t.dog_id, (SELECT MIN(b.day)
            FROM booking b WHERE b.dog_id = t.dog_id AND b.state = 'booked' AND b.day >= :today) next
            FROM plan_zone z JOIN trim_plan t ON t.id = z.plan_id
                WHERE z.salon_id = :salon AND z.method IS NOT NULL AND $where GROUP BY z.plan_id, t.dog_id ORDER BY ".
                'next IS NULL, next, t.dog_id LIMIT '.
                self::COUNTED.
                ") n
            JOIN dog d ON d.id = n.dog_id
            JOIN plan_zone z ON z.plan_id = n.plan_id AND z.method IS NOT NULL AND $where
            WHERE d.salon_id = :salon ORDER BY n.next ".
                'IS NULL, n.next, d.name, z.zone',
            $parameters + ['today' => $today->format('Y-m-d')],
        );
        $dogs = [];
        $soon = $today->modify('+7 days')->format('Y-m-d');
        $with = $this->kit->match($actor, $row['place']);
        $without = $this->kit->match($actor, $row['place'], $row['id']);
        $spare = 'clipper' === $row['kind'] && $this->hasSpare($actor, $row);
        foreach ($rows as $r) {
            $id = \is_string($r['dog']) ? (string) Uuid::fromBinary($r['dog']) : '';
            $dogs[$id] ??= [
                'dog' => $id,
                'name' => \is_string($r['name']) ? $r['name'] : '',
                'next_on' => \is_string($r['next']) ? $r['next'] : null,
                'zones' => [],
                'instead' => [],
                'lost' => false,
            ];
            $zone = \is_string($r['zone']) ? Zone::of($r['zone'])->label : '';
            $dogs[$id]['zones'][] = $zone;
            [$instead, $lost] =
                'clipper' === $row['kind']
                    ? ($spare
                        ? [null, false]
                        : ['no other motor is accepted', true])
                    : $this->instead($actor, RecipeCodec::fromArray($r)->forRules(), $with, $without);
            if (null !== $instead && !\in_array($instead, $dogs[$id]['instead'], true)) {
                $dogs[$id]['instead'][] = $instead;
            }
            $dogs[$id]['lost'] = $dogs[$id]['lost'] || $lost;
        }
        $dogs = array_values($dogs);
        $next = array_values(
            array_filter($dogs, static fn (array $d): bool => null !== $d['next_on'] && $d['next_on'] <= $soon),
        );
        $lost = \count(array_filter($next, static fn (array $d): bool => $d['lost']));
        $n = \count($next);

        return new NeededByView(
            is_numeric($all) ? (int) $all : 0,
            $n,
            \array_slice($dogs, 0, self::SHOWN),
            match (true) {
                0 === (int) (is_numeric($all) ? $all : 0) => 'No card names it.',
                0 === $n => 'Nobody who is booked in the next seven days needs it.',
                0 === $lost => \sprintf(
                    '%s in the next seven days, and what else is in reach makes the same.',
                    self::need($n),
                ),
                default => \sprintf(
                    '%s in the next seven days; for %s of them nothing else in reach comes close.',
                    self::need($n),
                    $lost === $n ? 'all' : (string) $lost,
                ),
            },
        );
    }

    /**
     * Another of the same name at the same place: the same sound.
     *
     * @param KitRow $row
     */
    private function hasSpare(Actor $actor, array $row): bool
    {
        foreach ($this->kit->rows($actor) as $other) {
            if (
                $other['id'] !== $row['id']
                && [$other['kind'], $other['label'], $other['place'], $other['keeper']] === [
                    $row['kind'],
                    $row['label'],
                    $row['place'],
                    $row['keeper'],
                ]
            ) {
                return true;
            }
        }

        return false;
    }

    private static function need(int $n): string
    {
        return 1 === $n ? 'One dog needs it' : "$n dogs need it";
    }

    /**
     * @return array{string|null, bool} the nearest without it, and whether that is not close; null where a second one
     *     is there
     */
    private function instead(
        Actor $actor,
        \KeenThistle\Core\Length\Recipe $recipe,
        KitMatch $with,
        KitMatch $without,
    ): array {
        if (!$with->canMake($recipe) || $without->canMake($recipe)) {
            return [null, false];
        }
        $target = $this->kit->lengths($actor)->planned($recipe)->finished;
        $best = null === $target ? null : $without->options($target, [$recipe->lay])[0] ?? null;

        return null === $best
            ? ['nothing in reach', true]
            : [\sprintf('%s, %s mm', $best->recipe->tool->words(), $best->finished->rounded()), !$best->close];
    }

    /**
     * @param KitRow $row
     *
     * @return array{string|null, array<string, mixed>}
     */
    private static function where(array $row): array
    {
        return match ($row['kind']) {
            'blade' => ['(z.blade = :label OR z.base = :label)', ['label' => $row['label']]],
            'guard' => ['z.guard_um = :um', ['um' => $row['nominal_um']]],
            'clipper' => ['z.clipper_unit = :label', ['label' => $row['label']]],
            default => [null, []],
        };
    }
}
