<?php

/** Between a stored plan and its one line. */

declare(strict_types=1);

namespace KeenThistle\Plan;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Recipe\ZoneRecipe;

final class PlanLine
{
    private function __construct()
    {
    }

    /** @param array<string, ZoneRecipe> $plan by zone */
    public static function of(array $plan): string
    {
        return Notation::format(self::ways($plan));
    }

    /**
     * @param array<string, ZoneRecipe> $plan by zone
     *
     * @return array<string, Way>
     */
    public static function ways(array $plan): array
    {
        return array_filter(array_map(self::way(...), $plan));
    }

    /** Null where nothing is planned. A guard that is called by its length has no name of its own. */
    public static function way(ZoneRecipe $r): ?Way
    {
        if (null === $r->method) {
            return null;
        }
        $plain = null === $r->guardUm ? null : self::plain($r->guardUm);
        $trims = ZoneRecipe::TRIMMER === $r->blade;

        return new Way(
            $r->method,
            $r->blade,
            $r->guardUm,
            $r->base,
            $trims || null === $r->guardUm || $r->tool === $plain ? null : $r->tool,
            $r->method->hasToolLength() ? $r->lay ?? Lay::With : null,
            $r->enteredUm,
            $r->stopLine,
            $r->shape,
            $r->reason,
            'do_not_repeat' === $r->carry,
            true === $r->exception,
            $r->clipperUnit,
            $r->note,
        );
    }

    public static function recipe(Way $w): ZoneRecipe
    {
        $r = new ZoneRecipe();
        $r->method = $w->method;
        $r->blade = $w->blade;
        $r->tool = $w->blade ?? $w->called;
        [$r->guardUm, $r->base, $r->lay, $r->enteredUm] = [$w->guard, $w->base, $w->lay, $w->about];
        [$r->stopLine, $r->shape, $r->reason, $r->clipperUnit, $r->note] = [
            $w->stop,
            $w->shape,
            $w->reason,
            $w->clipper,
            $w->note,
        ];
        $r->carry = $w->once ? 'do_not_repeat' : 'repeat';
        $r->exception = $w->exception;
        if (ZoneRecipe::TRIMMER === $w->blade) {
            $r->tool = null;
        } elseif (null !== $w->guard && null === $w->called) {
            $r->tool = self::plain($w->guard);
        }

        return $r;
    }

    /** What a guard is called that has no name of its own. */
    private static function plain(int $um): string
    {
        return rtrim(rtrim(number_format($um / 1000, 1, '.', ''), '0'), '.').' mm guard';
    }
}
