<?php

/** A finding looked up by itself: the same as when it is the only one, and never more clipped than together. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Timing\MinutesRule;
use KeenThistle\Core\Timing\Work;
use KeenThistle\Core\Today\Agreement;
use KeenThistle\Core\Today\Facts;
use KeenThistle\Core\Today\TodayRule;
use KeenThistle\Core\Zone\ZoneTable;

final class AloneTest extends TodayCase
{
    public function testAsTheOnlyFinding(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(static function (int $seed): void {
            foreach (self::found($seed, 1) as $mat) {
                $facts = self::facts($seed, [$mat]);
                [$decision, $row] = (new TodayRule())->alone($facts, $mat);
                $today = (new TodayRule())->of($facts);
                self::assertSame($today->mats->zones[0]->toArray(), $decision->toArray());
                $there = $today->rows[$mat->zone->id] ?? null;
                self::assertSame($there?->tool?->words(), $row?->tool?->words());
                self::assertSame($there?->finished?->rounded(), $row?->finished?->rounded());
            }
        });
    }

    public function testTogetherNoLessIsClippedAndNoMoreTakesTheHairOff(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(static function (int $seed): void {
            $mats = self::found($seed, 8);
            $facts = self::facts($seed, $mats);
            $together = (new TodayRule())->of($facts)->mats->zones;
            $alone = array_map(
                static fn (Mat $m): ZoneDecision => (new TodayRule())->alone($facts, $m)[0],
                $mats,
            );
            $minutes = 0.0;
            foreach ($alone as $i => $one) {
                if (Decision::Clip === $one->decision) {
                    self::assertSame(Decision::Clip, $together[$i]->decision);
                    self::assertSame($together[$i]->under?->blade, $one->under?->blade);
                } elseif (Decision::Clip !== $together[$i]->decision) {
                    self::assertSame($together[$i]->decision, $one->decision);
                    $minutes += $one->workedOut - $together[$i]->workedOut;
                }
            }
            self::assertEqualsWithDelta(0.0, $minutes, 1e-9);
        });
    }

    public function testWhatWasShownIsTheLeastThatMayBeLeft(): void
    {
        $agreed = new Agreement('patches', signed: true, covers: ['loin'], least: ['loin' => 3.2]);
        self::assertTrue($agreed->covers('loin', Length::ofMillimetres(3.2)));
        // 3.17 is shown as 3.2.
        self::assertTrue($agreed->covers('loin', Length::ofMillimetres(3.17)));
        self::assertFalse($agreed->covers('loin', Length::ofMillimetres(1.5)));
        self::assertFalse($agreed->covers('back', Length::ofMillimetres(3.2)));
        self::assertTrue($agreed->covers('loin'));
    }

    public function testMinutesOnMatsAreTheOnlyDifference(): void
    {
        $work = new Work(12.0, CoatType::Curly, Handling::Fidgety, matting: 3.0, newThings: 2, weeksLate: 1.5);
        $again = $work->withMatting(9.0)->withMatting(3.0);
        self::assertSame(get_object_vars($work), get_object_vars($again));
        $rule = new MinutesRule();
        self::assertGreaterThan($rule->estimate($work)->likely, $rule->estimate($work->withMatting(9.0))->likely);
    }

    /** @param list<Mat> $mats */
    private static function facts(int $seed, array $mats): Facts
    {
        [$kg, $coat, $handling, $early] = self::seeds($seed, 4);
        $coats = CoatType::cases();
        $ways = Handling::cases();

        return new Facts(
            2.0 + $kg % 60,
            $coats[$coat % \count($coats)],
            $ways[$handling % \count($ways)],
            self::all(['back', 'loin', 'chest'], self::bare('7F')) + self::all(['rump', 'skull'], self::guard()),
            $mats,
            clipsEarly: 0 === $early % 2,
        );
    }

    /** @return list<Mat> each in another zone */
    private static function found(int $seed, int $many): array
    {
        $ids = ZoneTable::ids();
        $out = [];
        foreach (self::seeds($seed, $many * 3) as $i => $n) {
            $zone = $ids[$n % \count($ids)];
            $out[$zone] ??= self::mat($zone, ($n + $i) % 5, (1 + $n % 4) / 4, [null, true, false][$i % 3]);
        }

        return \array_slice(array_values($out), 0, $many);
    }
}
