<?php

/** Reads the incidents of the last year, with their rates by tool. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Table\IncidentRates;
use KeenThistle\Salon\Row;
use KeenThistle\Staff\Actor;
use KeenThistle\Staff\Scope;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

final readonly class Incidents
{
    private const MOST = 100;
    private const SINCE = '-365 days';

    public function __construct(private Scope $scope, private ClockInterface $clock)
    {
    }

    public function lastYear(Actor $actor): IncidentsView
    {
        $since = $this->clock->now()->modify(self::SINCE)->format('Y-m-d');
        $text = static fn (mixed $value): string => \is_string($value) ? $value : '';
        $list = array_map(
            static fn (array $r): array => [
                'id' => (string) Uuid::fromBinary($text($r['id'])),
                'at' => Row::instant($r['at']),
                'what' => $text($r['what']),
                'zone' => $text($r['zone']),
                'tool' => $text($r['tool']),
                'action' => $text($r['action']),
                'told' => (bool) $r['told'],
                'follow_up' => $text($r['follow_up']),
                'follow_up_on' => $text($r['follow_up_on']),
                'dog_id' => (string) Uuid::fromBinary($text($r['dog_id'])),
                'dog' => $text($r['dog']),
                'who' => $text($r['who']),
            ],
            $this->scope->rows(
                $actor,
                'SELECT i.id, i.at, i.what, i.zone, i.tool, i.action, i.told, i.follow_up, i.follow_up_on, i.dog_id,
                d.name dog, s.name who FROM incident i JOIN dog d ON d.id = i.dog_id JOIN staff s ON s.id = i.staff_id
            WHERE i.salon_id = :salon AND i.at >= :since ORDER BY i.at DESC, i.id DESC LIMIT '.self::MOST,
                ['since' => $since],
            ),
        );
        $counts = [];
        foreach (
            $this->scope->rows(
                $actor,
                'SELECT tool, COUNT(*) n FROM incident WHERE salon_id = :salon AND at >= :since GROUP BY tool',
                ['since' => $since],
            ) as $r
        ) {
            $counts[$text($r['tool'])] = is_numeric($r['n']) ? (int) $r['n'] : 0;
        }
        $grooms =
            $this->scope->rows($actor, 'SELECT COUNT(*) n FROM groom WHERE salon_id = :salon AND opened_at >= :since', [
                'since' => $since,
            ])[0]['n'] ?? 0;

        return new IncidentsView(
            $list,
            (new IncidentRates())->byTool($counts, is_numeric($grooms) ? (int) $grooms : 0),
        );
    }
}
