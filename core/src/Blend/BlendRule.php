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
    /** The longest step in µm that one rung may make, and the longest that shears blend away between two clipped. */
    private const RUNG = 6000;
    private const MOST_RUNGS = 3;
    /** What guards are usually made in, µm: named where the kit has none. */
    private const USUAL = [3000, 6000, 10_000, 13_000, 16_000, 19_000, 22_000, 25_000];

    /** @param list<Lay> $lays the lays a rung may use */
    public function __construct(private KitMatch $kit = new KitMatch([]), private array $lays = [Lay::With])
    {
    }

    /** @return int µm by which a zone may be shorter than its longer neighbour without a blend */
    public static function unseen(int $longer): int
    {
        return max(2000, (int) round($longer * 0.2));
    }

    /** @param bool $hardLine wanted so on this card */
    public function between(Side $one, Side $other, bool $hardLine = false): Blend
    {
        [$a, $b] = $one->finished->shorterThan($other->finished)
            ? [$one->finished, $other->finished]
            : [$other->finished, $one->finished];
        $step = $b->micrometres() - $a->micrometres();
        $limit = self::unseen($b->micrometres());
        $edge = Lines::between($one->zone, $other->zone);
        $reasons = [
            new Reason('step', round($step / 1000, 1), 'mm', \sprintf('%s − %s', $b->rounded(), $a->rounded())),
        ];
        if ($edge || $hardLine) {
            $reasons[] = new Reason(
                'line',
                $edge ? 'edge' : 'card',
                '',
                $edge ? Say::it('blend.an_edge_is_normal_here') : Say::it('blend.the_card_wants_a_hard_line'),
            );

            return new Blend('hard_line', $step, 0, [], [], $reasons);
        }
        $reasons[] = new Reason('no_blend_up_to', round($limit / 1000, 1), 'mm', Say::it('blend.the_more_of_2_mm_and'));
        if ($step <= $limit) {
            return new Blend('none', $step, 0, [], [], $reasons);
        }
        if (!$one->isClipped() || !$other->isClipped()) {
            $reasons[] = new Reason('by_hand', 'shears', '', Say::it('blend.one_side_is_not_clipped'));

            return new Blend('shears', $step, 2 * $step, [], [], $reasons);
        }
        if ($step <= self::RUNG) {
            return new Blend('shears', $step, 2 * $step, [], [], $reasons);
        }
        $ladder = $this->ladder($a->micrometres(), $b->micrometres());
        if (null === $ladder) {
            $reasons[] = new Reason('rungs', self::MOST_RUNGS, '', Say::it('blend.more_rungs_than_a_ladder_has'));

            return new Blend('shears', $step, 2 * $step, [], [], $reasons);
        }
        $reasons[] = new Reason('rung', self::RUNG / 1000, 'mm', Say::it('blend.the_longest_step_between_two_rungs'));

        return new Blend('ladder', $step, 2 * $step, $ladder[0], $ladder[1], $reasons);
    }

    /**
     * Rungs from the kit, else usual sizes: the fewest missing first, then the fewest rungs, then the evenest steps.
     *
     * @return array{list<Option>, list<Length>}|null null where three rungs are not enough
     */
    private function ladder(int $from, int $to): ?array
    {
        $have = $this->guardsBetween($from, $to);
        $sizes = array_keys($have);
        foreach (self::USUAL as $um) {
            if ($um > $from && $um < $to && !isset($have[$um])) {
                $sizes[] = $um;
            }
        }
        sort($sizes);
        $best = $rank = null;
        foreach (self::climbs($from, $to, $sizes, self::MOST_RUNGS) as $rungs) {
            $missing = array_values(array_filter($rungs, static fn (int $um): bool => !isset($have[$um])));
            $all = [$from, ...$rungs, $to];
            $steps = array_map(static fn (int $i): int => $all[$i + 1] - $all[$i], range(0, \count($all) - 2));
            $at = [
                \count($missing),
                \count($rungs),
                array_sum(array_map(static fn (int $s): int => $s ** 2, $steps)),
                $rungs,
            ];
            if (null === $rank || $at < $rank) {
                [$best, $rank] = [[$rungs, $missing], $at];
            }
        }
        if (null === $best) {
            return null;
        }
        $made = [];
        foreach ($best[0] as $um) {
            if (isset($have[$um])) {
                $made[] = $have[$um];
            }
        }

        return [$made, array_map(Length::ofMicrometres(...), $best[1])];
    }

    /**
     * Every way up with at most so many rungs and no step too long.
     *
     * @param list<int> $sizes shortest first
     *
     * @return iterable<list<int>>
     */
    private static function climbs(int $from, int $to, array $sizes, int $most): iterable
    {
        if ($to - $from <= self::RUNG) {
            yield [];
        }
        if (0 === $most) {
            return;
        }
        foreach ($sizes as $i => $um) {
            if ($um > $from && $um - $from <= self::RUNG) {
                foreach (self::climbs($um, $to, \array_slice($sizes, $i + 1), $most - 1) as $rest) {
                    yield [$um, ...$rest];
                }
            }
        }
    }

    /** @return array<int, Option> by what it leaves, µm */
    private function guardsBetween(int $from, int $to): array
    {
        $byLength = [];
        foreach ($this->kit->options(Length::ofMicrometres($to), $this->lays) as $option) {
            $length = $option->finished->micrometres();
            if ($option->recipe->tool->isGuard() && $length > $from && $length < $to) {
                $byLength[$length] ??= $option;
            }
        }

        return $byLength;
    }
}
