<?php

/**
 * Use case: after a measurement, find the cards whose lengths are others now; a thousand a step, behind the scenes.
 */

declare(strict_types=1);

namespace KeenThistle\Kit;

use Doctrine\ORM\EntityManagerInterface;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use KeenThistle\Work\Jobs;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type KitRow from KitReader */
final readonly class Derive
{
    public const STEP = 1000;
    private const SHOWN = 40;

    public function __construct(
        private KitReader $kit,
        private Jobs $jobs,
        private Scope $scope,
        private ClockInterface $clock,
    ) {
    }

    public function cards(Actor $actor): int
    {
        return self::int(
            $this->scope->rows($actor, 'SELECT COUNT(*) n FROM trim_plan WHERE salon_id = :salon')[0]['n'] ?? 0,
        );
    }

    /** @param KitRow $row */
    public function named(Actor $actor, array $row): int
    {
        [$where, $parameters] = self::where($row['kind'], $row['label'], $row['nominal_um']);

        return self::int(
            $this->scope->rows(
                $actor,
                'SELECT COUNT(DISTINCT z.plan_id) n FROM plan_zone z WHERE '.
                    "z.salon_id = :salon AND z.method IS NOT NULL AND $where",
                $parameters,
            )[0]['n'] ?? 0,
        );
    }

    /** Looks at the next cards by their ids. Nothing is left to do: it is finished. */
    public function step(Actor $actor, EntityManagerInterface $manager, Derivation $d): void
    {
        if (null !== $d->finishedAt) {
            return;
        }
        $plans = $this->scope->rows(
            $actor,
            'SELECT id, dog_id FROM trim_plan WHERE salon_id = :salon AND id > :reached ORDER BY id LIMIT '.
                self::STEP,
            ['reached' => $d->reached?->toBinary() ?? str_repeat("\0", 16)],
        );
        if ([] === $plans) {
            $d->finishedAt = $this->clock->now();

            return;
        }
        $last = $plans[\count($plans) - 1]['id'];
        $d->reached = Uuid::fromBinary(\is_string($last) ? $last : throw new \LogicException('A plan has an id.'));
        $d->done += \count($plans);
        $d->total = max($d->total, $d->done);
        $changes = $this->changes($actor, $d, $plans[0]['id'], $last);
        if ([] !== $changes) {
            $this->keep($manager, $d, $changes);
        }
        if (\count($plans) < self::STEP) {
            $d->finishedAt = $this->clock->now();
        }
    }

    public function view(Actor $actor, Derivation $d): DerivationView
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT c.dog_id, d.name, c.zones FROM length_change c JOIN dog d ON d.id = c.dog_id WHERE '.
                'c.derivation_id = :derivation AND c.salon_id = :salon ORDER BY c.most_um DESC, c.id LIMIT '.
                self::SHOWN,
            ['derivation' => $d->id->toBinary()],
        );
        $first = 0 === $d->item->place->position && null === $d->item->keeper;

        return new DerivationView(
            (string) $d->id,
            (string) $d->item->id,
            $d->item->label,
            $d->item->version,
            null === $d->beforeUm ? null : $d->beforeUm / 1000,
            null === $d->afterUm ? null : $d->afterUm / 1000,
            $d->afterBase ?? $d->beforeBase,
            ($d->afterLay ?? $d->beforeLay)?->value,
            $d->staff->name,
            $d->at->format('Y-m-d\TH:i:s\Z'),
            $d->done,
            $d->total,
            $d->changed,
            null !== $d->finishedAt,
            $first
                ? 'the card promises another length'
                : \sprintf(
                    '%s leaves another length',
                    null === $d->item->keeper
                        ? 'the kit of '.$d->item->place->name
                        : $d->item->keeper->name.'\'s own kit',
                ),
            array_map(
                static fn (array $r): array => [
                    'dog' => \is_string($r['dog_id']) ? (string) Uuid::fromBinary($r['dog_id']) : '',
                    'name' => \is_string($r['name']) ? $r['name'] : '',
                    'zones' => self::zones(\is_string($r['zones']) ? $r['zones'] : '[]'),
                ],
                $rows,
            ),
            $this->jobs->on($actor, (string) $d->id)->why ?? '',
        );
    }

    /** @return array<string, non-empty-list<array{zone: string, before_um: int, after_um: int}>> by dog, binary */
    private function changes(Actor $actor, Derivation $d, mixed $from, mixed $to): array
    {
        [$where, $parameters] = self::where($d->item->kind, $d->item->label, $d->item->nominalUm);
        $place = 0 === $d->item->place->position && null === $d->item->keeper ? null : (string) $d->item->place->id;
        $id = (string) $d->item->id;
        $before = $this->kit->lengths($actor, $place, [
            'id' => $id,
            'um' => $d->beforeUm,
            'base' => $d->beforeBase,
            'lay' => $d->beforeLay,
        ]);
        $after = $this->kit->lengths($actor, $place, [
            'id' => $id,
            'um' => $d->afterUm,
            'base' => $d->afterBase,
            'lay' => $d->afterLay,
        ]);
        $out = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT t.dog_id, z.zone, z.method, z.tool, z.blade, z.guard_um, z.base, z.lay
                FROM trim_plan t JOIN plan_zone z ON z.plan_id = t.id
            WHERE t.salon_id = :salon AND t.id >= :from AND t.id <= :to AND z.method IS NOT NULL AND '.
                    $where.
                    ' ORDER BY t.id, z.zone',
                $parameters + ['from' => $from, 'to' => $to],
            ) as $r
        ) {
            $recipe = RecipeCodec::fromArray($r)->forRules();
            $was = self::um($before, $recipe);
            $is = self::um($after, $recipe);
            if ($was !== $is && \is_string($r['dog_id']) && \is_string($r['zone'])) {
                $out[$r['dog_id']][] = ['zone' => $r['zone'], 'before_um' => $was, 'after_um' => $is];
            }
        }

        return $out;
    }

    /** @param array<string, non-empty-list<array{zone: string, before_um: int, after_um: int}>> $changes */
    private function keep(EntityManagerInterface $manager, Derivation $d, array $changes): void
    {
        $values = $parameters = [];
        foreach ($changes as $dog => $zones) {
            $values[] = '(?, ?, ?, ?, ?, ?)';
            array_push(
                $parameters,
                Uuid::v7()->toBinary(),
                $d->salon->id->toBinary(),
                $d->id->toBinary(),
                $dog,
                json_encode($zones, \JSON_THROW_ON_ERROR),
                max(array_map(static fn (array $z): int => abs($z['after_um'] - $z['before_um']), $zones)),
            );
        }
        $manager
            ->getConnection()
            ->executeStatement(
                'INSERT INTO length_change (id, salon_id, derivation_id, dog_id, zones, most_um) VALUES '.
                    implode(', ', $values),
                $parameters,
            );
        $d->changed += \count($changes);
    }

    private static function um(LengthRule $rule, \KeenThistle\Core\Length\Recipe $recipe): int
    {
        return $rule->actual($recipe)->finished?->micrometres() ?? 0;
    }

    /** @return list<array{zone: string, label: string, before_mm: float, after_mm: float, difference_mm: float}> */
    private static function zones(string $json): array
    {
        $out = [];
        $zones = json_decode($json, true);
        foreach (\is_array($zones) ? $zones : [] as $z) {
            if (\is_array($z) && \is_string($z['zone']) && \is_int($z['before_um']) && \is_int($z['after_um'])) {
                [$before, $after] = [Length::ofMicrometres($z['before_um']), Length::ofMicrometres($z['after_um'])];
                $out[] = [
                    'zone' => $z['zone'],
                    'label' => Zone::of($z['zone'])->label,
                    'before_mm' => $before->rounded(),
                    'after_mm' => $after->rounded(),
                    'difference_mm' => $after->minusRounded($before),
                ];
            }
        }

        return $out;
    }

    /** @return array{string, array<string, mixed>} */
    private static function where(string $kind, string $label, ?int $um): array
    {
        return 'blade' === $kind ? ['z.blade = :label', ['label' => $label]] : ['z.guard_um = :um', ['um' => $um]];
    }

    private static function int(mixed $v): int
    {
        return is_numeric($v) ? (int) $v : 0;
    }
}
