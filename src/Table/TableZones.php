<?php

/** The zones of a groom: what is planned, what this kit makes of it, and how each stands. */

declare(strict_types=1);

namespace KeenThistle\Table;

use KeenThistle\Core\Coat\NaturalLength;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Table\Board;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use KeenThistle\Kit\KitReader;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ZoneRecipe;
use KeenThistle\Staff\Actor;
use KeenThistle\Visit\GrowthAndClocks;

final readonly class TableZones
{
    public function __construct(private KitReader $kit)
    {
    }

    /**
     * What each zone is to be left at: reckoned once for the zones and the steps.
     *
     * @param array<string, ZoneRecipe> $plan
     *
     * @return array<string, Length|null> by zone; null where nothing is done or nothing tells the length
     */
    public function wanted(Actor $actor, array $plan): array
    {
        $home = $this->kit->lengths($actor);

        return array_map(
            static fn (ZoneRecipe $r): ?Length => null === $r->method ? null : $home->planned($r->forRules())->finished,
            $plan,
        );
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     * @param array<string, Length|null> $lengths
     *
     * @return list<TableZoneView> in the order of the body
     */
    public function all(
        Actor $actor,
        Groom $groom,
        Board $board,
        array $plan,
        array $lengths,
        GrowthAndClocks $figures,
    ): array {
        $there = $this->kit->lengths($actor, (string) $groom->place->id);
        $match = $this->kit->match($actor, (string) $groom->place->id);
        $waiting = Waiting::zones($groom);
        $marks = $this->marks($actor, $groom, $board, $plan, $lengths, ZoneTable::ids(), static fn () => $figures);
        $out = [];
        foreach (array_values(ZoneTable::all()) as $i => $zone) {
            $planned = $plan[$zone->id] ?? null;
            if (\in_array($zone->id, $groom->dog->absentZones(), true)) {
                continue;
            }
            $none = null === $planned || null === $planned->method;
            $wanted = $lengths[$zone->id] ?? null;
            $mark = $marks[$i];
            $out[] = new TableZoneView(
                zone: $zone->id,
                planned: null === $planned ? null : RecipeView::of($planned),
                planned_mm: $wanted?->rounded(),
                state: $mark->state,
                why: $mark->why,
                actual: $mark->actual,
                actual_mm: $mark->actual_mm,
                difference_mm: $mark->difference_mm,
                carry: $mark->carry,
                who: $mark->who,
                at: $mark->at,
                seq: $mark->seq,
                here: $none || $match->canMake($planned->forRules())
                    ? null
                    : GrowthAndClocks::here($planned, $wanted, $match, $there, null),
                now_mm: $figures->now($zone->id)?->rounded(),
                natural_mm: NaturalLength::mm($groom->dog->coat, $zone),
                fill_back_on: $mark->fill_back_on,
                waits: $waiting[$zone->id] ?? '',
            );
        }

        return $out;
    }

    /**
     * @param array<string, ZoneRecipe> $plan
     * @param array<string, Length|null> $lengths what these zones are to be left at
     * @param list<string> $zones
     * @param callable(): GrowthAndClocks $figures asked only where a bare patch must fill back
     *
     * @return list<ZoneMarkView> in the order of the zones
     */
    public function marks(
        Actor $actor,
        Groom $groom,
        Board $board,
        array $plan,
        array $lengths,
        array $zones,
        callable $figures,
    ): array {
        $there = $this->kit->lengths($actor, (string) $groom->place->id);
        $out = [];
        foreach ($zones as $id) {
            $zone = Zone::of($id);
            $planned = $plan[$id] ?? null;
            $mark = $board->zones[$id] ?? null;
            $wanted = $lengths[$id] ?? null;
            $actual = null === $mark?->actual ? null : RecipeCodec::fromArray($mark->actual);
            $done = $actual ?? $planned;
            $cut = null !== $mark && \in_array($mark->state, ['done', 'partly'], true);
            $left = $cut && null !== $done ? $there->actual($done->forRules(), $zone)->finished : null;
            $natural = Length::ofMillimetres(NaturalLength::mm($groom->dog->coat, $zone));
            $carry = $mark->carry ?? '';
            $out[] = new ZoneMarkView(
                zone: $id,
                state: $mark->state ?? 'planned',
                why: $mark->why ?? '',
                actual: null === $actual ? null : RecipeView::of($actual),
                actual_mm: $left?->rounded(),
                difference_mm: null === $left || null === $wanted ? null : $left->minusRounded($wanted),
                carry: '' === $carry ? $actual->carry ?? ($planned->carry ?? 'repeat') : $carry,
                who: $mark?->who,
                at: $mark?->at->format('Y-m-d\TH:i:s\Z'),
                seq: $mark->seq ?? 0,
                fill_back_on: null !== $left && true === $done?->exception
                    ? $figures()->fillBack($left, $natural)
                    : null,
            );
        }

        return $out;
    }
}
