<?php

/** The salon's tools as the rules know them: what is in reach where, and what was measured. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Measurement;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Refusal\Refused;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Reads once per request.
 *
 * @phpstan-type KitRow array{id: string, place: string, position: int, kind: string, label: string,
 *     nominal_um: int|null, measured_um: int|null, measured_base: string|null, measured_lay: string|null,
 *     measured_on: string|null, spread: float|null, keeper: string|null, keeper_name: string|null, note: string,
 *     place_name: string, version: int}
 */
final class KitReader implements ResetInterface
{
    /** @var array<string, list<KitRow>> by salon */
    private array $rows = [];

    public function __construct(private readonly Scope $scope)
    {
    }

    /** @return list<KitRow> */
    public function rows(Actor $actor): array
    {
        $salon = (string) $actor->salon;
        if (isset($this->rows[$salon])) {
            return $this->rows[$salon];
        }
        $rows = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT k.id, k.place_id, p.position, p.name place_name, k.kind, k.label, k.nominal_um,
                k.measured_um, k.measured_base, k.measured_lay, k.measured_at, k.spread, k.keeper_id, s.name
                keeper_name, k.note, k.version
            FROM kit_item k JOIN place p ON p.id = k.place_id
            LEFT JOIN staff s ON s.id = k.keeper_id
            WHERE k.salon_id = :salon AND k.active = 1 ORDER BY p.position, k.kind, k.nominal_um, k.label',
            ) as $row
        ) {
            $rows[] = [
                'id' => (string) Uuid::fromBinary(Row::text($row['id'])),
                'place' => (string) Uuid::fromBinary(Row::text($row['place_id'])),
                'position' => Row::int($row['position']) ?? 0,
                'kind' => Row::text($row['kind']),
                'label' => Row::text($row['label']),
                'nominal_um' => Row::int($row['nominal_um']),
                'measured_um' => Row::int($row['measured_um']),
                'measured_base' => \is_string($row['measured_base']) ? $row['measured_base'] : null,
                'measured_lay' => \is_string($row['measured_lay']) ? $row['measured_lay'] : null,
                'measured_on' => \is_string($row['measured_at']) ? substr($row['measured_at'], 0, 10) : null,
                'spread' => is_numeric($row['spread']) ? (float) $row['spread'] : null,
                'keeper' => \is_string($row['keeper_id']) ? (string) Uuid::fromBinary($row['keeper_id']) : null,
                'keeper_name' => \is_string($row['keeper_name']) ? $row['keeper_name'] : null,
                'note' => Row::text($row['note']),
                'place_name' => Row::text($row['place_name']),
                'version' => Row::int($row['version']) ?? 1,
            ];
        }

        return $this->rows[$salon] = $rows;
    }

    public function reset(): void
    {
        $this->rows = [];
    }

    /**
     * The lengths of one place's own tools; null: of the salon's first room, which is what a recipe means.
     *
     * @param array{id: string, um: int|null, base: string|null, lay: Lay|null}|null $instead one tool as if it had
     *     been measured so
     */
    public function lengths(Actor $actor, ?string $place = null, ?array $instead = null): LengthRule
    {
        $measurements = [];
        foreach ($this->rows($actor) as $row) {
            if (
                null === $place
                    ? 0 !== $row['position'] || null !== $row['keeper']
                    : !$this->inReach($actor, $row, $place)
            ) {
                continue;
            }
            if (null !== $instead && $row['id'] === $instead['id']) {
                [$row['measured_um'], $row['measured_base'], $row['measured_lay']] = [
                    $instead['um'],
                    $instead['base'],
                    $instead['lay']?->value,
                ];
            }
            $tool = null === $row['measured_um'] ? null : self::tool($row);
            if (null !== $tool && null !== $row['measured_um']) {
                $measurements[] = new Measurement(
                    $tool,
                    null === $row['measured_lay'] ? null : Lay::from($row['measured_lay']),
                    Length::ofMicrometres($row['measured_um']),
                );
            }
        }

        return new LengthRule($measurements);
    }

    /**
     * What can be made at a place from the tools that live there, and from what the person who asks carries along.
     *
     * @param string|null $without id of a tool that is thought away
     */
    public function match(Actor $actor, string $place, ?string $without = null): KitMatch
    {
        $tools = [];
        foreach ($this->rows($actor) as $row) {
            if ($this->inReach($actor, $row, $place) && null !== $row['nominal_um'] && $row['id'] !== $without) {
                if ('blade' === $row['kind']) {
                    $tools[] = KitTool::blade($row['label']);
                } elseif ('guard' === $row['kind']) {
                    $tools[] = KitTool::guard(Length::ofMicrometres($row['nominal_um']), $row['label']);
                } elseif ('trimmer' === $row['kind']) {
                    $tools[] = KitTool::trimmer(Length::ofMicrometres($row['nominal_um']), $row['label']);
                }
            }
        }

        return new KitMatch($tools, $this->lengths($actor, $place));
    }

    /** @return KitRow @throws Refused 404 for one that is retired, another salon's or none */
    public function row(Actor $actor, string $id): array
    {
        foreach ($this->rows($actor) as $row) {
            if ($row['id'] === $id) {
                return $row;
            }
        }
        if (Uuid::isValid($id)) {
            $this->scope->logIfForeign($actor, 'kit_item', $id, 'tool');
        }
        throw Refused::notFound('tool');
    }

    /** @return KitRow */
    public static function rowOf(KitItem $item): array
    {
        return [
            'id' => (string) $item->id,
            'place' => (string) $item->place->id,
            'position' => $item->place->position,
            'kind' => $item->kind,
            'label' => $item->label,
            'nominal_um' => $item->nominalUm,
            'measured_um' => $item->measuredUm,
            'measured_base' => $item->measuredBase,
            'measured_lay' => $item->measuredLay?->value,
            'measured_on' => $item->measuredAt?->format('Y-m-d'),
            'spread' => $item->spread,
            'keeper' => null === $item->keeper ? null : (string) $item->keeper->id,
            'keeper_name' => $item->keeper?->name,
            'note' => $item->note,
            'place_name' => $item->place->name,
            'version' => $item->version,
        ];
    }

    /** @param KitRow $row */
    private function inReach(Actor $actor, array $row, string $place): bool
    {
        return null === $row['keeper'] ? $place === $row['place'] : (string) $actor->staff === $row['keeper'];
    }

    /** @param array{kind: string, label: string, nominal_um: int|null, measured_base: string|null} $row */
    private static function tool(array $row): ?Tool
    {
        return match (true) {
            'blade' === $row['kind'] => Tool::blade($row['label']),
            'guard' === $row['kind'] && null !== $row['nominal_um'] && null !== $row['measured_base'] => Tool::guard(
                Length::ofMicrometres($row['nominal_um']),
                $row['measured_base'],
                $row['label'],
            ),
            default => null,
        };
    }
}
