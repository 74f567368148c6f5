<?php

/** What the van must carry: the fewest tools that make every length of the given cards, exactly. */

declare(strict_types=1);

namespace KeenThistle\Core\Kit;

use KeenThistle\Core\Heat\HeatRule;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Say\Say;

/**
 * For every choice of base blades it is a matter of single tools, bits in a mask a length. Branches on the length that
 * the fewest tools make, after what needs no choice; a branch ends where what it has, and a tool for each length that
 * shares none with another, is no fewer than the best so far.
 */
final class SmallestKit
{
    public const MOST = 40;
    private const USUAL_GUARDS = [3, 6, 10, 13, 16, 19, 22, 25];
    /** From this often on a blade is felt so soon that a second one runs while it cools. */
    private const HEATS_S = 120;

    private int $best = 0;
    private int $bestSize = \PHP_INT_MAX;

    /** @param list<KitTool> $tools candidates, MOST at most */
    public function __construct(private readonly array $tools, private readonly LengthRule $lengths = new LengthRule())
    {
    }

    /**
     * @param list<array{zone: string, target: Length, dog: string}> $targets
     *
     * @return array{kit: list<KitTool>, unreachable: list<int>,
     *     addition: array{tool: KitTool, targets: list<int>}|null,
     *     spares: list<array{tool: KitTool, why: string}>} unreachable and targets are places in the given list
     */
    public function of(array $targets): array
    {
        $ways = array_map(fn (array $t): array => array_keys($this->ways($this->tools, $t['target'])), $targets);
        $unreachable = array_keys($ways, [], true);
        $this->best = 0;
        $this->bestSize = \PHP_INT_MAX;
        $reachable = array_values(array_filter($ways));
        foreach ($this->bases() as $bases) {
            $masks = self::masks($reachable, $bases);
            if (!\in_array(0, $masks, true)) {
                $this->search($masks, $bases);
            }
        }
        $kit = array_values(
            array_filter($this->tools, fn (int $i): bool => 0 !== ($this->best & (1 << $i)), \ARRAY_FILTER_USE_KEY),
        );
        $dogs = \count(array_unique(array_column($targets, 'dog')));

        return [
            'kit' => $kit,
            'unreachable' => $unreachable,
            'addition' => $this->addition(array_intersect_key($targets, array_flip($unreachable))),
            'spares' => self::spares($kit, $dogs),
        ];
    }

    /** @return list<int> every choice of the blades that a guard may stand over, one of a kind; none at all first */
    private function bases(): array
    {
        $out = [0];
        $seen = [];
        foreach ($this->tools as $i => $tool) {
            if (null !== $tool->blade && BladeTable::isGuardBase($tool->blade) && !isset($seen[$tool->blade])) {
                $seen[$tool->blade] = true;
                $out = [...$out, ...array_map(static fn (int $bits): int => $bits | (1 << $i), $out)];
            }
        }

        return $out;
    }

    /** Within 1 mm or 15 % of the target, whichever is more. */
    public static function makes(Length $finished, Length $target): bool
    {
        return abs($finished->micrometres() - $target->micrometres()) <=
            max(1000, (int) round($target->micrometres() * 0.15));
    }

    /**
     * @param list<KitTool> $tools
     *
     * @return array<int, int> bits of the tools that make the length together => µm off, nearest first
     */
    private function ways(array $tools, Length $target): array
    {
        $out = [];
        foreach ($tools as $i => $tool) {
            if (null === $tool->guard) {
                $this->add($out, $tool->trimmer ?? Tool::blade($tool->blade ?? ''), 1 << $i, $target);
                continue;
            }
            foreach ($tools as $j => $base) {
                if (null !== $base->blade && BladeTable::isGuardBase($base->blade)) {
                    $this->add($out, Tool::guard($tool->guard, $base->blade), (1 << $i) | (1 << $j), $target);
                }
            }
        }
        asort($out);

        return $out;
    }

    /** @param array<int, int> $out bits => µm off */
    private function add(array &$out, Tool $tool, int $bits, Length $target): void
    {
        $finished = $this->lengths->planned(new Recipe($tool, Lay::With))->finished;
        if (null !== $finished && self::makes($finished, $target)) {
            $out[$bits] = abs($finished->micrometres() - $target->micrometres());
        }
    }

    /**
     * Tools that make what the bases do not make by themselves.
     *
     * @param list<list<int>> $ways of each length: bits of one tool, or of a guard and its base
     *
     * @return list<int> of each length that is open, the tools of which any one makes it
     */
    private static function masks(array $ways, int $bases): array
    {
        $out = [];
        foreach ($ways as $of) {
            $mask = 0;
            foreach ($of as $bits) {
                $missing = $bits & ~$bases;
                if (0 === $missing) {
                    continue 2;
                }
                // With a base that is not carried here, another choice of bases sees to it.
                $mask |= 1 === self::count($missing) ? $missing : 0;
            }
            $out[$mask] = $mask;
        }

        return array_values($out);
    }

    /** @param list<int> $masks */
    private function search(array $masks, int $kit): void
    {
        [$masks, $forced] = self::reduced($masks);
        $kit |= $forced;
        $size = self::count($kit);
        if ([] === $masks) {
            if ($size < $this->bestSize) {
                $this->best = $kit;
                $this->bestSize = $size;
            }

            return;
        }
        if ($size + self::atLeast($masks) >= $this->bestSize) {
            return;
        }
        usort($masks, self::fewerFirst(...));
        for ($rest = $masks[0]; 0 !== $rest; $rest &= $rest - 1) {
            $tool = $rest & -$rest;
            $open = array_filter($masks, static fn (int $m): bool => 0 === ($m & $tool));
            $this->search(array_values($open), $kit | $tool);
        }
    }

    /**
     * Without lengths that are made whenever another one is, and without tools that do no more than another one; what
     * only one tool makes brings that tool.
     *
     * @param list<int> $masks
     *
     * @return array{list<int>, int} what is left to choose, and the tools there is no choice about
     */
    private static function reduced(array $masks): array
    {
        $forced = 0;
        do {
            $before = $masks;
            $masks = self::withoutImplied($masks);
            foreach ($masks as $mask) {
                $forced |= 0 === ($mask & ($mask - 1)) ? $mask : 0;
            }
            $masks = array_values(array_filter($masks, static fn (int $m): bool => 0 === ($m & $forced)));
            $masks = self::withoutLesserTools($masks);
        } while ($masks !== $before);

        return [$masks, $forced];
    }

    /**
     * @param list<int> $masks
     *
     * @return list<int>
     */
    private static function withoutImplied(array $masks): array
    {
        $masks = array_values(array_unique($masks));
        usort($masks, self::fewerFirst(...));
        $out = [];
        foreach ($masks as $mask) {
            foreach ($out as $smaller) {
                if (($smaller & $mask) === $smaller) {
                    continue 2;
                }
            }
            $out[] = $mask;
        }

        return $out;
    }

    /**
     * @param list<int> $masks
     *
     * @return list<int>
     */
    private static function withoutLesserTools(array $masks): array
    {
        $all = array_reduce($masks, static fn (int $sum, int $mask): int => $sum | $mask, 0);
        for ($rest = $all; 0 !== $rest; $rest &= $rest - 1) {
            $tool = $rest & -$rest;
            // Tools that are there wherever this one is.
            $with = ~0;
            foreach ($masks as $mask) {
                $with &= 0 === ($mask & $tool) ? ~0 : $mask;
            }
            if (0 !== ($with & $all & ~$tool)) {
                $masks = array_map(static fn (int $mask): int => $mask & ~$tool, $masks);
                $all &= ~$tool;
            }
        }

        return $masks;
    }

    /**
     * Lengths that share no tool each need one of their own.
     *
     * @param list<int> $masks
     */
    private static function atLeast(array $masks): int
    {
        $taken = 0;
        $least = 0;
        foreach ($masks as $mask) {
            if (0 === ($mask & $taken)) {
                $taken |= $mask;
                ++$least;
            }
        }

        return $least;
    }

    private static function count(int $bits): int
    {
        $n = 0;
        for (; 0 !== $bits; $bits &= $bits - 1) {
            ++$n;
        }

        return $n;
    }

    private static function fewerFirst(int $a, int $b): int
    {
        return [self::count($a), $a] <=> [self::count($b), $b];
    }

    /**
     * The one tool, of all that are usual, that brings most of these within reach; then the nearest.
     *
     * @param array<int, array{zone: string, target: Length, dog: string}> $unreachable
     *
     * @return array{tool: KitTool, targets: list<int>}|null
     */
    private function addition(array $unreachable): ?array
    {
        $best = null;
        foreach ([] === $unreachable ? [] : self::usual() as $tool) {
            $reached = [];
            $off = 0;
            foreach ($unreachable as $i => $t) {
                $nearest = array_values($this->ways([...$this->tools, $tool], $t['target']))[0] ?? null;
                if (null !== $nearest) {
                    $reached[] = $i;
                    $off += $nearest;
                }
            }
            $is = [-\count($reached), $off];
            if ([] !== $reached && (null === $best || $is < $best['is'])) {
                $best = ['tool' => $tool, 'targets' => $reached, 'is' => $is];
            }
        }

        return null === $best ? null : ['tool' => $best['tool'], 'targets' => $best['targets']];
    }

    /** @return list<KitTool> */
    private static function usual(): array
    {
        return [
            ...array_map(KitTool::blade(...), BladeTable::labels()),
            ...array_map(
                static fn (int $mm): KitTool => KitTool::guard(Length::ofMillimetres((float) $mm)),
                self::USUAL_GUARDS,
            ),
            KitTool::trimmer(),
        ];
    }

    /**
     * @param list<KitTool> $kit
     *
     * @return list<array{tool: KitTool, why: string}>
     */
    private static function spares(array $kit, int $dogs): array
    {
        $out = [];
        foreach ($kit as $tool) {
            if (null === $tool->blade) {
                continue;
            }
            if ((new HeatRule())->every($tool->blade) <= self::HEATS_S) {
                $out[] = ['tool' => $tool, 'why' => Say::it('kit.a_second_one_runs_while_it_cools')];
            } elseif ($dogs > 1) {
                $out[] = ['tool' => $tool, 'why' => Say::it('kit.a_second_one_runs_while_it_is_disinfected')];
            }
        }

        return $out;
    }
}
