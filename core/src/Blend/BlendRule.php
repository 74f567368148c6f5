<?php

/** How neighbouring zones of different length are made to meet. */

declare(strict_types=1);

namespace KeenThistle\Core\Blend;

use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\Option;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Reason\Reason;
use KeenThistle\Core\Say\Say;

final readonly class BlendRule
{
    /** The longest step in µm that one rung may make, and the longest shears blend away. */
    private const RUNG = 6000;

    /** @param list<Lay> $lays the lays a rung may use */
    public function __construct(private KitMatch $kit = new KitMatch([]), private array $lays = [Lay::With])
    {
    }

    public function between(Length $one, Length $other, bool $hardLine = false): Blend
    {
        [$a, $b] = $one->shorterThan($other) ? [$one, $other] : [$other, $one];
        $step = $b->micrometres() - $a->micrometres();
        $limit = max(2000, (int) round($b->micrometres() * 0.2));
        $reasons = [
            new Reason('step', round($step / 1000, 1), 'mm', \sprintf('%s − %s', $b->rounded(), $a->rounded())),
            new Reason('no_blend_up_to', round($limit / 1000, 1), 'mm', Say::it('blend.the_more_of_2_mm_and')),
        ];
        $kind = match (true) {
            $step <= $limit => 'none',
            $hardLine => 'hard_line',
            $step <= self::RUNG => 'shears',
            default => 'ladder',
        };
        if ('ladder' !== $kind) {
            return new Blend($kind, $step, 'shears' === $kind ? 2 * $step : 0, [], [], $reasons);
        }
        [$rungs, $missing] = $this->ladder($a->micrometres(), $b->micrometres());
        $reasons[] = new Reason('rung', self::RUNG / 1000, 'mm', Say::it('blend.the_longest_step_between_two_rungs'));

        return new Blend($kind, $step, 2 * $step, $rungs, $missing, $reasons);
    }

    /**
     * The fewest rungs: from each, the longest in reach within one step; a gap no guard fills is named with even
     * lengths.
     *
     * @return array{list<Option>, list<Length>}
     */
    private function ladder(int $from, int $to): array
    {
        $guards = $this->guardsBetween($from, $to);
        $rungs = [];
        $missing = [];
        $at = $from;
        while ($to - $at > self::RUNG) {
            $reach = array_filter(
                $guards,
                static fn (Option $o): bool => $o->finished->micrometres() > $at
                    && $o->finished->micrometres() <= $at + self::RUNG,
            );
            $next = [] === $reach ? null : end($reach);
            if (null !== $next) {
                $rungs[] = $next;
                $at = $next->finished->micrometres();
                continue;
            }
            $beyond = array_filter($guards, static fn (Option $o): bool => $o->finished->micrometres() > $at);
            $end = [] === $beyond ? $to : reset($beyond)->finished->micrometres();
            $steps = (int) ceil(($end - $at) / self::RUNG);
            for ($i = 1; $i < $steps; ++$i) {
                $missing[] = Length::ofMicrometres((int) round($at + (($end - $at) * $i) / $steps));
            }
            $at = [] === $missing ? $to : end($missing)->micrometres();
        }

        return [$rungs, $missing];
    }

    /** @return list<Option> one per length, shortest first */
    private function guardsBetween(int $from, int $to): array
    {
        $byLength = [];
        foreach ($this->kit->options(Length::ofMicrometres($to), $this->lays) as $option) {
            $length = $option->finished->micrometres();
            if ($option->recipe->tool->isGuard() && $length > $from && $length < $to) {
                $byLength[$length] ??= $option;
            }
        }
        ksort($byLength);

        return array_values($byLength);
    }
}
