<?php

/** The next instalment of a jacket that is stripped in parts. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Interval\StripMap;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StripMapTest extends TestCase
{
    use TestTrait;

    /** @param array<string, int|null> $weeksAgo */
    #[TestWith([[], null])]
    #[TestWith([['back' => null, 'loin' => null], null])]
    #[TestWith([['back' => 0, 'loin' => 0], null])]
    #[TestWith([['back' => 0, 'loin' => null], 2.0])]
    #[TestWith([['back' => 1, 'loin' => 4], 7.0])]
    #[TestWith([['back' => 1, 'loin' => 30], 2.0])]
    public function testTheOldestPlaceLeadsAndOneLeftOutComesSoonest(array $weeksAgo, ?float $next): void
    {
        self::assertSame($next, StripMap::next(self::map($weeksAgo)));
    }

    public function testNoPlaceWaitsLongerThanTenWeeksUnlessNoVisitMayComeSooner(): void
    {
        $this->forAll(Generators::choose(0, 15), Generators::choose(0, 15), Generators::choose(0, 15))->then(
            static function (int $back, int $loin, int $rump): void {
                $weeksAgo = [$back, $loin, $rump];
                $next = StripMap::next(self::map($weeksAgo)) ?? StripMap::WEEKS;
                $behind = max($weeksAgo) - min($weeksAgo);
                self::assertGreaterThanOrEqual(2.0, $next);
                self::assertTrue($next + $behind <= 10.0 || 2.0 === $next);
            },
        );
    }

    /**
     * @param array<int|string, int|null> $weeksAgo
     *
     * @return array<string, \DateTimeImmutable|null>
     */
    private static function map(array $weeksAgo): array
    {
        $out = [];
        foreach ($weeksAgo as $zone => $weeks) {
            $out["zone_$zone"] =
                null === $weeks
                    ? null
                    : (new \DateTimeImmutable('2024-05-06 UTC'))->sub(new \DateInterval("P{$weeks}W"));
        }

        return $out;
    }
}
