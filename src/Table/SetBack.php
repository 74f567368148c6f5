<?php

/** Which clocks a visit sets back if it is closed as it stands, and when each is due next. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Interval\Resets;
use KeenThistle\Core\Table\Board;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\ClockView;
use KeenThistle\Visit\GrowthAndClocks;
use KeenThistle\Visit\History;
use KeenThistle\Visit\IntervalView;
use KeenThistle\Visit\Visits;

final readonly class SetBack
{
    public function __construct(private Visits $visits, private KitReader $kit)
    {
    }

    /** @return list<array{clock: string, reset: bool, next_on: string|null, why: string}> */
    public function of(Actor $actor, Groom $groom, Board $board, IntervalView $interval): array
    {
        $kind = $groom->arrival->kind;
        $resets = $kind->resets();
        $out = [];
        $back = Resets::of([
            [
                'on' => $groom->arrival->day,
                'kind' => $kind,
                'zones' => self::asTapped($groom, $board),
                'left_out' => GroomVisit::leftOut($groom, $board),
            ],
        ]);
        $before = $this->before($actor, $groom);
        foreach ($interval->clocks as $clock) {
            $named = null === $resets || \in_array($clock->clock, $resets, true);
            $reset = isset($back[$clock->clock]);
            $out[] = [
                'clock' => $clock->clock,
                'reset' => $reset,
                'next_on' => $reset ? $clock->due_on : $before[$clock->clock] ?? $clock->due_on,
                'why' => match (true) {
                    $reset => 'done today',
                    $named => 'not done today',
                    default => 'not what this visit is for',
                },
            ];
        }

        return $out;
    }

    /** @return list<array{zone: string, state: string, method: string|null}> as it was tapped; the rest is left */
    private static function asTapped(Groom $groom, Board $board): array
    {
        $out = [];
        foreach (GroomReader::plan($groom) as $zone => $recipe) {
            $out[] = [
                'zone' => (string) $zone,
                'state' => $board->zones[$zone]->state ?? 'deferred',
                'method' => $recipe->method?->value,
            ];
        }

        return $out;
    }

    /** @return array<string, string> clock => when it is due as if this visit had not been */
    private function before(Actor $actor, Groom $groom): array
    {
        $past = new History($this->visits->past($actor, $groom->dog));
        $clocks = (new GrowthAndClocks($groom->dog, $past, $groom->arrival->day))->interval(
            self::planned($groom),
            $this->kit->lengths($actor),
            null,
            null,
        )->clocks;

        return array_column(
            array_map(static fn (ClockView $c): array => ['clock' => $c->clock, 'on' => $c->due_on], $clocks),
            'on',
            'clock',
        );
    }

    /** @return array<string, array{version: int, recipe: ZoneRecipe}> by zone */
    public static function planned(Groom $groom): array
    {
        return array_map(
            static fn (ZoneRecipe $r): array => ['version' => 0, 'recipe' => $r],
            GroomReader::plan($groom),
        );
    }
}
