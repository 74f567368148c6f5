<?php

/** How worn the salon's tools are: their entries, and what the bookings ahead will ask of them, handed to the core. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Timing\ZoneMinutes;
use KeenThistle\Core\Wear\ToolEvent;
use KeenThistle\Core\Wear\WearAnswer;
use KeenThistle\Core\Wear\WearRule;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** @phpstan-import-type KitRow from KitReader */
final readonly class WearReader
{
    /** A blade is ground long before it has more entries than that. */
    private const LOOK_BACK = '-400 days';
    private const LOOK_AHEAD = '+60 days';
    private const MOST_BOOKINGS = 400;

    public function __construct(private Scope $scope, private ClockInterface $clock)
    {
    }

    /**
     * @param list<KitRow> $rows
     *
     * @return array<string, WearAnswer> by tool id
     */
    public function of(Actor $actor, array $rows): array
    {
        $today = $this->clock->now();
        $events = $this->events($actor, $today, 1 === \count($rows) ? $rows[0]['id'] : null);
        $ahead = $this->ahead($actor, $this->scope->today($actor));
        $answers = [];
        foreach ($rows as $row) {
            $booked =
                'blade' === $row['kind'] && null === $row['keeper'] ? $ahead[$row['place']][$row['label']] ?? [] : [];
            $answers[$row['id']] = (new WearRule())->now($events[$row['id']] ?? [], $today, $booked, $row['kind']);
        }

        return $answers;
    }

    /** @return array<string, list<ToolEvent>> by tool id */
    private function events(Actor $actor, \DateTimeImmutable $today, ?string $one): array
    {
        $events = [];
        $text = static fn (mixed $v): string => \is_string($v) ? $v : '';
        $rows = $this->scope->rows(
            $actor,
            'SELECT e.item_id, e.kind, e.at, e.minutes, e.dirt, e.celsius, d.name dog FROM tool_entry e LEFT '.
                'JOIN dog d ON d.id = e.dog_id WHERE e.salon_id = :salon AND e.at >= :since'.
                (null === $one ? '' : ' AND e.item_id = :item').
                ' ORDER BY e.at, e.id',
            ['since' => $today->modify(self::LOOK_BACK)->format('Y-m-d')] +
                (null === $one ? [] : ['item' => Uuid::fromString($one)->toBinary()]),
        );
        foreach ($rows as $r) {
            $events[(string) Uuid::fromBinary($text($r['item_id']))][] = new ToolEvent(
                $text($r['kind']),
                new \DateTimeImmutable($text($r['at']), new \DateTimeZone('UTC')),
                is_numeric($r['minutes']) ? (float) $r['minutes'] : 0.0,
                $text($r['dirt']),
                $text($r['dog']),
                is_numeric($r['celsius']) ? (float) $r['celsius'] : null,
            );
        }

        return $events;
    }

    /**
     * @return array<string, array<int|string, list<array{on: \DateTimeImmutable, minutes: float}>>> weighted minutes
     *     by place and blade
     */
    private function ahead(Actor $actor, \DateTimeImmutable $today): array
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT b.id booking, b.day, COALESCE(s.place_id, (SELECT p.id FROM place p WHERE p.salon_id = '.
                ':salon AND p.open = 1 ORDER BY p.position LIMIT 1)) place, d.kg, d.coat, d.handling, z.zone, '.
                RecipeCodec::columns('z.').
                "
            FROM (SELECT * FROM booking WHERE salon_id = :salon AND day >= :today AND day <= :until
            AND state = 'booked' AND kind = 'full' ORDER BY day, time, id LIMIT ".
                self::MOST_BOOKINGS.
                ') b
            JOIN dog d ON d.id = b.dog_id LEFT JOIN staff s ON s.id = b.staff_id
            JOIN trim_plan t ON t.dog_id = d.id
            JOIN plan_zone z ON z.plan_id = t.id AND z.method IS NOT NULL WHERE b.salon_id = :salon',
            ['today' => $today->format('Y-m-d'), 'until' => $today->modify(self::LOOK_AHEAD)->format('Y-m-d')],
        );
        $bookings = [];
        foreach ($rows as $r) {
            $id = \is_string($r['booking']) ? $r['booking'] : '';
            $bookings[$id] ??= ['row' => $r, 'methods' => [], 'tools' => []];
            $recipe = RecipeCodec::fromArray($r);
            if (\is_string($r['zone']) && null !== $recipe->method) {
                $bookings[$id]['methods'][$r['zone']] = $recipe->method;
                $bookings[$id]['tools'][$r['zone']] = $recipe->forRules()->tool;
            }
        }
        $out = [];
        foreach ($bookings as $b) {
            foreach (self::blades($b['row'], $b['methods'], $b['tools']) as $blade => $minutes) {
                $out[\is_string($b['row']['place']) ? (string) Uuid::fromBinary($b['row']['place']) : ''][$blade][] = [
                    'on' => new \DateTimeImmutable(
                        \is_string($b['row']['day']) ? $b['row']['day'] : 'now',
                        new \DateTimeZone('UTC'),
                    ),
                    'minutes' => $minutes,
                ];
            }
        }

        return $out;
    }

    /**
     * @param array<string, mixed> $dog
     * @param array<string, Method> $methods
     * @param array<string, Tool> $tools
     *
     * @return array<int|string, float>
     */
    private static function blades(array $dog, array $methods, array $tools): array
    {
        if (!is_numeric($dog['kg']) || !\is_string($dog['coat']) || !\is_string($dog['handling'])) {
            return [];
        }
        $coat = CoatType::from($dog['coat']);
        $worked = array_filter($methods, static fn (Method $m): bool => Method::Leave !== $m);
        $phases = (new MinutesRule())
            ->estimate(
                new Work(
                    (float) $dog['kg'],
                    $coat,
                    Handling::from($dog['handling']),
                    zones: [] === $worked ? null : $worked,
                ),
            )
            ->scaled();
        $dirt = ToolEvent::DIRT[ToolEvent::dirtOf($coat, true)];

        return array_map(
            static fn (float $m): float => round($m * $dirt, 1),
            ZoneMinutes::byBlade(ZoneMinutes::of($worked, $phases), $tools),
        );
    }
}
