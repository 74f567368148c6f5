<?php

/**
 * Whose minutes are whose: the clipping and scissoring of a visit shared out over its zones, and over the blades that
 * cut them.
 */

declare(strict_types=1);

namespace KeenThistle\Core\Timing;

use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Zone\Zone;

/**
 * By area within a phase: what is clipped shares the clipping, what is stripped the stripping, what is scissored,
 * thinned or carded the scissoring.
 */
final class ZoneMinutes
{
    private function __construct()
    {
    }

    /**
     * @param array<string, Method> $methods by zone
     * @param array<string, float> $phases minutes by phase
     *
     * @return array<string, float> minutes by zone; zones that are left are not in it
     */
    public static function of(array $methods, array $phases): array
    {
        $area = ['clip' => 0, 'scissor' => 0, 'strip' => 0];
        $worked = array_filter($methods, static fn (Method $m): bool => Method::Leave !== $m);
        foreach ($worked as $zone => $method) {
            $area[self::phase($method)] += Zone::of($zone)->hundredths;
        }
        $minutes = [];
        foreach ($worked as $zone => $method) {
            $phase = self::phase($method);
            $minutes[$zone] = (($phases[$phase] ?? 0.0) * Zone::of($zone)->hundredths) / $area[$phase];
        }

        return $minutes;
    }

    /**
     * @param array<string, float> $minutes by zone
     * @param array<string, Tool> $tools by zone
     *
     * @return array<int|string, float> minutes by the label of the blade that cuts: under a guard, its base
     */
    public static function byBlade(array $minutes, array $tools): array
    {
        $out = [];
        foreach ($minutes as $zone => $m) {
            $blade = match (true) {
                !isset($tools[$zone]) => null,
                $tools[$zone]->isGuard() => $tools[$zone]->base,
                $tools[$zone]->isBlade() => $tools[$zone]->label,
                default => null,
            };
            if (null !== $blade) {
                $out[$blade] = ($out[$blade] ?? 0.0) + $m;
            }
        }

        return $out;
    }

    private static function phase(Method $method): string
    {
        return match (true) {
            $method->hasToolLength() => 'clip',
            Method::Strip === $method => 'strip',
            default => 'scissor',
        };
    }
}
