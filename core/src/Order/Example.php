<?php

/** What the sides of one school do to the same dog: its order of work side by side, with what is other in each. */

declare(strict_types=1);

namespace KeenThistle\Core\Order;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Say\Say;

/**
 * @phpstan-type Line array{title: string, tool: string|null, minutes: float|null, notes: list<string>, differs: bool}
 * @phpstan-type Side array{side: string, lines: list<Line>, begins: string, breaks: string|null}
 */
final readonly class Example
{
    /** A curly coat in guards with a scissored head; the same tools on other coats show what this one does not. */
    private const CURLY = [
        'back' => ['guard', '16 mm guard over 10'],
        'rump' => ['guard', '16 mm guard over 10'],
        'throat' => ['blade', '7F blade'],
        'groin' => ['blade', '10 blade'],
        'pads_front_left' => ['blade', 'narrow toe blade'],
        'pads_front_right' => ['blade', 'narrow toe blade'],
        'toe_outline_front_left' => ['scissor', 'scissors'],
        'toe_outline_front_right' => ['scissor', 'scissors'],
        'skull' => ['scissor', 'scissors'],
        'fringe' => ['scissor', 'scissors'],
        'muzzle' => ['blade', '10 blade', Lay::Against],
        'inner_eye_left' => ['thin', 'thinning shears'],
        'inner_eye_right' => ['thin', 'thinning shears'],
        'ear_feather_left' => ['scissor', 'scissors'],
        'ear_feather_right' => ['scissor', 'scissors'],
        'tail_flag' => ['scissor', 'scissors'],
    ];
    private const WIRE = [
        'back' => ['strip', 'fingers'],
        'rump' => ['strip', 'fingers'],
        'groin' => ['blade', '10 blade'],
        'pads_front_left' => ['blade', 'narrow toe blade'],
    ];

    /**
     * @param string $dog what it is shown on, in words
     * @param list<Side> $sides in the order of the table
     */
    private function __construct(public string $dog, public array $sides)
    {
    }

    /** @param array<string, string> $schools the other points, as they are chosen */
    public static function of(string $point, array $schools): self
    {
        $shown = null;
        foreach (self::dogs() as $words => $job) {
            $lists = self::lists($job, $point, $schools);
            $shown ??= new self(Say::it($words), self::compared($lists));
            $made = array_map(
                static fn (WorkList|string $l): string => \is_string($l) ? $l : serialize($l->toArray()),
                $lists,
            );
            if (\count(array_unique($made)) === \count($made)) {
                return new self(Say::it($words), self::compared($lists));
            }
        }

        return $shown ?? throw new \LogicException('There is no example dog.');
    }

    /** @return array<string, Job> by the words for it */
    private static function dogs(): array
    {
        $curly = self::cuts(self::CURLY);

        return [
            'order.example_curly' => new Job($curly, CoatType::Curly),
            'order.example_double' => new Job($curly, CoatType::LongDouble),
            'order.example_wire' => new Job(self::cuts(self::WIRE), CoatType::Wire),
            'order.example_comes_off' => new Job($curly, CoatType::Curly, comesOff: true),
        ];
    }

    /**
     * @param array<string, array{0: string, 1: string, 2?: Lay}> $tools kind, words and lay by zone
     *
     * @return array<string, Cut>
     */
    private static function cuts(array $tools): array
    {
        return array_map(static fn (array $t): Cut => new Cut($t[0], $t[1], $t[2] ?? Lay::With), $tools);
    }

    /**
     * @param array<string, string> $schools
     *
     * @return array<string, WorkList|string> by side; a text: what it would break
     */
    private static function lists(Job $job, string $point, array $schools): array
    {
        $out = [];
        foreach (SchoolTable::sides()[$point] ?? [] as $side) {
            try {
                $out[$side] = (new OrderRule())->order($job, new Schools([$point => $side] + $schools));
            } catch (InvalidInput $e) {
                $out[$side] = $e->getMessage();
            }
        }

        return $out;
    }

    /**
     * @param array<string, WorkList|string> $lists
     *
     * @return list<Side>
     */
    private static function compared(array $lists): array
    {
        $out = [];
        foreach ($lists as $side => $list) {
            $kept = null;
            foreach (array_diff_key($lists, [$side => 1]) as $other) {
                if (!\is_string($list) && !\is_string($other)) {
                    $common = self::common(self::signs($list), self::signs($other));
                    $kept = null === $kept ? $common : array_intersect_key($kept, $common);
                }
            }
            $out[] = [
                'side' => (string) $side,
                'lines' => \is_string($list) ? [] : self::lines($list, $kept),
                'begins' => \is_string($list) ? '' : self::begins($list),
                'breaks' => \is_string($list) ? $list : null,
            ];
        }

        return $out;
    }

    /**
     * @param array<int, true>|null $kept places of what is in every other side too, in the same order
     *
     * @return list<Line>
     */
    private static function lines(WorkList $list, ?array $kept): array
    {
        $out = [];
        foreach ($list->items as $i => $item) {
            $differs = null !== $kept && !isset($kept[$i]);
            $out[] = [
                'title' => $item->title,
                'tool' => $item->tool,
                'minutes' => null === $item->minutes ? null : round($item->minutes, 1),
                'notes' => $differs ? [...$item->cautions, Say::it('order.done_when', $item->doneWhen)] : [],
                'differs' => $differs,
            ];
        }

        return $out;
    }

    private static function begins(WorkList $list): string
    {
        return Say::it(
            'order.a_new_card_begins',
            Say::it("school.length_logic.{$list->defaults['template']}"),
            $list->defaults['base'],
            $list->defaults['lay'],
        );
    }

    /** @return list<string> what each item is, in one text */
    private static function signs(WorkList $list): array
    {
        return array_map(static fn (WorkItem $i): string => serialize($i->toArray()), $list->items);
    }

    /**
     * The longest row of items that stand in both, in the same order.
     *
     * @param list<string> $a
     * @param list<string> $b
     *
     * @return array<int, true> their places in $a
     */
    private static function common(array $a, array $b): array
    {
        $n = \count($a);
        $m = \count($b);
        $long = array_fill(0, $n + 1, array_fill(0, $m + 1, 0));
        for ($i = $n - 1; $i >= 0; --$i) {
            for ($j = $m - 1; $j >= 0; --$j) {
                $long[$i][$j] =
                    $a[$i] === $b[$j] ? 1 + $long[$i + 1][$j + 1] : max($long[$i + 1][$j], $long[$i][$j + 1]);
            }
        }
        $out = [];
        for ($i = $j = 0; $i < $n && $j < $m;) {
            if ($a[$i] === $b[$j]) {
                $out[$i] = true;
                ++$i;
                ++$j;
            } elseif ($long[$i + 1][$j] >= $long[$i][$j + 1]) {
                ++$i;
            } else {
                ++$j;
            }
        }

        return $out;
    }
}
