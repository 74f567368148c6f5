<?php

/** Reads what was done to a tool, and with it. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Uid\Uuid;

final readonly class ToolLog
{
    private const MOST = 30;

    public function __construct(private Scope $scope)
    {
    }

    /**
     * @return list<array{id: string, kind: string, at: string, minutes: float, dirt: string, celsius: float|null,
     *     dog: string|null, who: string}> newest first
     */
    public function of(Actor $actor, string $item): array
    {
        $text = static fn (mixed $v): string => \is_string($v) ? $v : '';

        return array_map(
            static fn (array $r): array => [
                'id' => (string) Uuid::fromBinary($text($r['id'])),
                'kind' => $text($r['kind']),
                'at' => str_replace(' ', 'T', $text($r['at'])).'Z',
                'minutes' => is_numeric($r['minutes']) ? (float) $r['minutes'] : 0.0,
                'dirt' => $text($r['dirt']),
                'celsius' => is_numeric($r['celsius']) ? (float) $r['celsius'] : null,
                'dog' => \is_string($r['dog']) ? $r['dog'] : null,
                'who' => $text($r['who']),
            ],
            $this->scope->rows(
                $actor,
                'SELECT e.id, e.kind, e.at, e.minutes, e.dirt, e.celsius, d.name dog, s.name who FROM tool_entry '.
                    'e JOIN staff s ON s.id = e.staff_id LEFT JOIN dog d ON d.id = e.dog_id WHERE e.item_id = :item '.
                    'AND e.salon_id = :salon ORDER BY e.at DESC, e.id DESC LIMIT '.
                    self::MOST,
                ['item' => Uuid::fromString($item)->toBinary()],
            ),
        );
    }

    /** The latest list of what a measurement changed. */
    public function lastDerivation(Actor $actor, string $item): ?string
    {
        $rows = $this->scope->rows(
            $actor,
            'SELECT id FROM derivation WHERE item_id = :item AND salon_id = :salon ORDER BY id DESC LIMIT 1',
            ['item' => Uuid::fromString($item)->toBinary()],
        );

        return [] === $rows ? null : Row::id($rows[0]['id']);
    }

    /** @return float seconds the tool has run since the salon's day began */
    public function ranToday(Actor $actor, string $item): float
    {
        $minutes =
            $this->scope->rows(
                $actor,
                'SELECT SUM(minutes) m FROM tool_entry WHERE item_id = :item AND salon_id = :salon AND at >= :began',
                [
                    'item' => Uuid::fromString($item)->toBinary(),
                    'began' => $this->scope->dayBegan($actor)->format('Y-m-d H:i:s'),
                ],
            )[0]['m'] ?? 0;

        return is_numeric($minutes) ? 60 * (float) $minutes : 0.0;
    }
}
