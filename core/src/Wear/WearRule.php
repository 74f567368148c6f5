<?php

/** What a blade has run, and what is due: oil, disinfection, sharpening, with the day that is likely. */

declare(strict_types=1);

namespace KeenThistle\Core\Wear;

use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Reason\Caution;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class WearRule
{
    public const OIL_MINUTES = 15.0;
    public const SHARPEN_MINUTES = 600.0;
    /** Recent use is what ran in these days. */
    private const RECENT_DAYS = 28;
    private const FURTHEST_DAYS = 730;

    /**
     * @param list<ToolEvent> $events in any order
     * @param list<array{on: \DateTimeImmutable, minutes: float}> $ahead what bookings will ask of it; used before the
     *     rate of recent use
     * @param string $kind of tool, as CareTable has it: a guard is never oiled
     */
    public function now(array $events, \DateTimeImmutable $today, array $ahead = [], string $kind = 'blade'): WearAnswer
    {
        $grinds = CareTable::has($kind, 'sharpened');
        usort($events, static fn (ToolEvent $a, ToolEvent $b): int => $a->on <=> $b->on);
        $sinceOil = $sinceSharp = $recent = 0.0;
        $dull = false;
        $cleanFor = null;
        $packed = $dirtyAfterUse = false;
        $hot = null;
        foreach ($events as $e) {
            if ('run' === $e->kind) {
                $sinceOil += $e->worn();
                $sinceSharp += $e->worn();
                $recent += $e->on >= $today->modify('-'.self::RECENT_DAYS.' days') ? $e->worn() : 0.0;
                $cleanFor = $e->dog;
                $dirtyAfterUse = true;
            } elseif ('oiled' === $e->kind) {
                $sinceOil = 0.0;
                // Whoever oils a blade has brushed it out and felt it.
                $packed = false;
                $hot = null;
            } elseif ('disinfected' === $e->kind) {
                $dirtyAfterUse = false;
            } elseif ('sharpened' === $e->kind) {
                $sinceSharp = 0.0;
                $dull = $packed = false;
            } elseif ('packed_hair' === $e->kind) {
                $packed = true;
            } elseif ('heat' === $e->kind) {
                $hot = $e->celsius;
            } else {
                $dull = 'edge_dull' === $e->kind;
            }
        }
        $perDay = $recent / self::RECENT_DAYS;
        $left = self::SHARPEN_MINUTES - $sinceSharp;
        $on = $dull ? $today : ($grinds ? self::forecast($left, $today, $ahead, $perDay) : null);
        $cautions = [];
        if ($sinceOil >= self::OIL_MINUTES && CareTable::has($kind, 'oiled')) {
            $cautions[] = new Caution('oil', Say::it('wear.oil_it_now_a_dry_blade'));
        }
        if ($dirtyAfterUse) {
            $cautions[] = new Caution('disinfect', Say::it('wear.disinfect_it_before_the_next_dog'), Caution::DANGER);
        }
        if ($packed) {
            $cautions[] = new Caution('packed', Say::it('wear.packed_hair_has_stopped_it_brush'), Caution::NOTE);
        }
        if (null !== $hot && $hot >= HeatRule::WARN_FROM) {
            $cautions[] = new Caution(
                'heat',
                Say::it('wear.c_at_its_last_reading_oil', $hot),
                $hot >= HeatRule::STOP_FROM ? Caution::DANGER : Caution::CAUTION,
            );
        }
        if (($grinds && $left <= 0) || $dull) {
            $cautions[] = new Caution(
                'sharpen',
                $dull ? Say::it('wear.the_edge_test_says_dull_it') : Say::it('wear.it_has_run_its_minutes_to'),
            );
        }

        return new WearAnswer(
            round($sinceSharp, 1),
            CareTable::has($kind, 'oiled') ? max(0.0, round(self::OIL_MINUTES - $sinceOil, 1)) : null,
            $dirtyAfterUse,
            $cleanFor ?? '',
            $grinds ? ($dull ? 0.0 : max(0.0, round($left, 1))) : null,
            $on,
            $cautions,
            [
                new Reason('worn', round($sinceSharp, 1), 'min', Say::it('wear.minutes_cut_dirt_factor_dirty_2')),
                new Reason(
                    'since_oil',
                    round($sinceOil, 1),
                    'min',
                    Say::it('wear.oil_every_minutes', self::OIL_MINUTES),
                ),
                new Reason(
                    'recent',
                    round($perDay, 2),
                    'min/day',
                    Say::it('wear.over_the_last_days', self::RECENT_DAYS),
                ),
                ...[] === $ahead
                    ? []
                    : [
                        new Reason(
                            'booked',
                            round(array_sum(array_column($ahead, 'minutes')), 1),
                            'min',
                            Say::it('wear.in_bookings_ahead', \count($ahead)),
                        ),
                    ],
            ],
        );
    }

    /** @param list<array{on: \DateTimeImmutable, minutes: float}> $ahead */
    private static function forecast(
        float $left,
        \DateTimeImmutable $today,
        array $ahead,
        float $perDay,
    ): ?\DateTimeImmutable {
        if ($left <= 0) {
            return $today;
        }
        usort($ahead, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);
        $at = $today;
        foreach ($ahead as $b) {
            $left -= $b['minutes'];
            $at = max($at, $b['on']);
            if ($left <= 0) {
                return $at;
            }
        }
        // After what is booked, as it was used of late.
        $days = $perDay > 0 ? (int) ceil($left / $perDay) : null;

        return null === $days || $days > self::FURTHEST_DAYS ? null : $at->add(new \DateInterval("P{$days}D"));
    }
}
