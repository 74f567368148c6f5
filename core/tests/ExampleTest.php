<?php

/** Every school shown on an example dog: what is marked is what differs, and nothing else. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Order\Example;
use KeenThistle\Core\Order\SchoolTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ExampleTest extends TestCase
{
    public function testEveryPointIsInOneGroupByWhatItChanges(): void
    {
        $grouped = array_merge(...array_column(array_values(SchoolTable::groups()), 1));
        self::assertSame(array_values(array_unique($grouped)), $grouped);
        $points = array_keys(SchoolTable::sides());
        sort($points);
        sort($grouped);
        self::assertSame($points, $grouped);
    }

    /** @return iterable<string, array{string}> */
    public static function points(): iterable
    {
        foreach (array_keys(SchoolTable::sides()) as $point) {
            yield $point => [$point];
        }
    }

    #[DataProvider('points')]
    public function testEverySchoolShowsWhatItChanges(string $point): void
    {
        $example = Example::of($point, ['nails' => 'clip'] + SchoolTable::defaults());
        self::assertNotSame('', $example->dog);
        self::assertSame(SchoolTable::sides()[$point], array_column($example->sides, 'side'));
        $marked = 0;
        $rest = [];
        foreach ($example->sides as $side) {
            self::assertNull($side['breaks']);
            $same = [];
            foreach ($side['lines'] as $line) {
                $marked += $line['differs'] ? 1 : 0;
                self::assertSame($line['differs'], [] !== $line['notes'], 'what differs says how');
                if (!$line['differs']) {
                    $same[] = $line['title'].$line['tool'];
                }
            }
            $rest[] = $same;
        }
        $begins = array_unique(array_column($example->sides, 'begins'));
        self::assertTrue($marked > 0 || \count($begins) > 1, "$point shows nothing");
        if (2 === \count($rest)) {
            self::assertSame($rest[0], $rest[1], 'what is not marked is the same, in the same order');
        }
    }

    public function testNailsMoveBehindTheDryer(): void
    {
        $sides = array_column(Example::of('nails_when', SchoolTable::defaults())->sides, 'lines', 'side');
        $marked = static fn (array $lines): array => array_keys(array_column($lines, 'differs'), true, true);
        $before = $marked($sides['before_bath']);
        $after = $marked($sides['after_dry']);
        self::assertSame([1, 1], [\count($before), \count($after)], 'one item moved');
        self::assertLessThan($after[0], $before[0]);
    }
}
