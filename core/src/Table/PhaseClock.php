<?php

/** Minutes by phase, read off the taps: the time up to a tap belongs to the work that it says is done. */

declare(strict_types=1);

namespace KeenThistle\Core\Table;

use KeenThistle\Core\Order\Region;
use KeenThistle\Core\Order\Step;
use KeenThistle\Core\Timing\Phase;
use KeenThistle\Core\Zone\Zone;

final readonly class PhaseClock
{
    /**
     * @param iterable<Tap> $taps
     * @param \Closure(string): bool $scissored whether a zone is worked without a clipper
     *
     * @return array<string, float> minutes by Phase
     */
    public function minutes(iterable $taps, \DateTimeImmutable $began, \Closure $scissored): array
    {
        $list = [];
        foreach ($taps as $tap) {
            $list[] = $tap;
        }
        // By when it was tapped: what was offline came in later than it was done.
        usort($list, static fn (Tap $a, Tap $b): int => [$a->at, $a->seq] <=> [$b->at, $b->seq]);
        $from = $began;
        $paused = null;
        $out = [];
        foreach ($list as $tap) {
            if ('pause' === $tap->kind) {
                $paused ??= $tap->at;
            } elseif ('resume' === $tap->kind && null !== $paused) {
                // The clock stands still meanwhile.
                $from = $from->modify(
                    '+'.(int) round(Moment::between(max($paused, $from), $tap->at) * 1000).' milliseconds',
                );
                $paused = null;
            }
            $phase = self::phase($tap, $scissored);
            if (null === $phase || $tap->held) {
                continue;
            }
            $out[$phase->value] =
                ($out[$phase->value] ?? 0.0) +
                Moment::between($from, null === $paused ? $tap->at : min($paused, $tap->at)) / 60;
            $from = max($from, $tap->at);
        }

        return $out;
    }

    /** @param \Closure(string): bool $scissored */
    private static function phase(Tap $tap, \Closure $scissored): ?Phase
    {
        if ('zone' === $tap->kind && \in_array($tap->text('state'), ['done', 'partly'], true)) {
            $zone = $tap->texts('zones')[0] ?? null;
            if (null === $zone) {
                return null;
            }

            return match (Region::of(Zone::of($zone))) {
                Region::CloseWork => Phase::CloseWork,
                Region::Pads => Phase::NailsPadsEars,
                default => $scissored($zone) ? Phase::Scissor : Phase::Clip,
            };
        }
        if ('step' === $tap->kind && 'done' === $tap->text('state')) {
            return Step::ofStored(explode(':', $tap->text('step'))[0])?->phase();
        }

        return match ($tap->kind) {
            'claw', 'pads', 'ear' => Phase::NailsPadsEars,
            default => null,
        };
    }
}
