<?php

/** The look at the whole dog before it goes: asked from its own zones, not from a general list. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Order\Region;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Say\Say;
use KeenThistle\Core\Zone\Zone;

final readonly class LookList
{
    /**
     * @param list<string> $zones that were planned or worked
     *
     * @return list<array{look: string, words: string, ok: bool, open: list<string>}>
     */
    public function of(array $zones, Board $board): array
    {
        $byPart = $sides = [];
        foreach ($zones as $id) {
            $zone = Zone::of($id);
            $byPart[Region::of($zone)->value][] = $id;
            if ('left' === $zone->side) {
                $sides[] = $id;
            }
        }
        $out = [];
        foreach (Region::cases() as $part) {
            $mine = $byPart[$part->value] ?? [];
            if ([] !== $mine) {
                $open = array_values(
                    array_filter(
                        $mine,
                        static fn (string $z): bool => !\in_array(
                            $board->zones[$z]->state ?? 'planned',
                            ['done', 'not_needed', 'deferred'],
                            true,
                        ),
                    ),
                );
                $out[] = [
                    'look' => $part->value,
                    'words' => ucfirst($part->title()).': '.$part->doneWhen(),
                    'ok' => $board->looked[$part->value] ?? false,
                    'open' => $open,
                ];
            }
        }
        if ([] !== $sides) {
            $out[] = [
                'look' => 'sides',
                'words' => Say::it('table.left_and_right_alike_from_in'),
                'ok' => $board->looked['sides'] ?? false,
                'open' => self::unequal($sides, $board),
            ];
        }
        $out[] = [
            'look' => 'walk',
            'words' => ucfirst(Step::Look->doneWhen()),
            'ok' => $board->looked['walk'] ?? false,
            'open' => [],
        ];

        return $out;
    }

    /**
     * @param list<string> $lefts
     *
     * @return list<string> zones whose other side was left otherwise
     */
    private static function unequal(array $lefts, Board $board): array
    {
        $out = [];
        foreach ($lefts as $left) {
            $right = preg_replace('/_left$/', '_right', $left) ?? $left;
            $a = $board->zones[$left] ?? null;
            $b = $board->zones[$right] ?? null;
            if (($a->state ?? 'planned') !== ($b->state ?? 'planned') || $a?->actual !== $b?->actual) {
                $out[] = $left;
            }
        }

        return $out;
    }
}
