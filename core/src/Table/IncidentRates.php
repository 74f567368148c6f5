<?php

/** How often a tool has its part in an incident, with how sure that is: few grooms say little. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

final readonly class IncidentRates
{
    private const Z = 1.96;

    /**
     * @param array<string, int> $counts incidents by tool; "" for none in the hand
     * @param int $grooms in the same time
     *
     * @return list<array{tool: string, incidents: int, grooms: int, per_hundred: float, low: float, high: float}>
     *     most first; low and high: Wilson's 95 % bounds
     */
    public function byTool(array $counts, int $grooms): array
    {
        $out = [];
        foreach ($counts as $tool => $n) {
            // More than one can happen in a groom: the share is then not above all of them.
            $of = max($grooms, $n, 1);
            $p = $n / $of;
            $z2 = self::Z ** 2 / $of;
            $middle = ($p + $z2 / 2) / (1 + $z2);
            $half = (self::Z * sqrt(($p * (1 - $p)) / $of + $z2 / (4 * $of))) / (1 + $z2);
            $out[] = [
                'tool' => (string) $tool,
                'incidents' => $n,
                'grooms' => $grooms,
                'per_hundred' => round((100 * $n) / max($grooms, 1), 1),
                'low' => round(100 * max(0.0, $middle - $half), 1),
                'high' => round(100 * min(1.0, $middle + $half), 1),
            ];
        }
        usort(
            $out,
            static fn (array $a, array $b): int => [$b['incidents'], $a['tool']] <=> [$a['incidents'], $b['tool']],
        );

        return $out;
    }
}
