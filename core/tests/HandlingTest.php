<?php

/** Ladder and go or no-go: each branch, and what must hold for any log. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Core\Handling\HandlingAnswer;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Handling\Tool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HandlingTest extends TestCase
{
    use TestTrait;
    private const TODAY = '2026-11-25';

    /** @param list<Exposure> $log */
    private static function today(
        array $log = [],
        Tool $tool = Tool::Clipper,
        int $tolerance = 3,
        int $confidence = 3,
        bool $second = true,
        int $new = 0,
    ): HandlingAnswer {
        return (new HandlingRule())->today(
            $tool,
            $log,
            new \DateTimeImmutable(self::TODAY),
            $tolerance,
            $confidence,
            null,
            $new,
            $second,
        );
    }

    private static function met(int $weeksAgo, Rung $rung, bool $calm = true): Exposure
    {
        return new Exposure((new \DateTimeImmutable(self::TODAY))->modify("-$weeksAgo weeks"), $rung, $calm);
    }

    public function testANewDogSeesTheToolFirst(): void
    {
        $a = self::today();
        self::assertSame([null, Rung::Sees, 0.75, 9], [$a->rung, $a->next, $a->minutes, $a->visits]);
        self::assertSame('2027-12-08', $a->earliest?->format('Y-m-d'));
    }

    public function testCalmGoesUpFearGoesDown(): void
    {
        self::assertSame(Rung::OnNearing, self::today([self::met(2, Rung::OnFar)])->next);
        self::assertSame(Rung::HeldNear, self::today([self::met(2, Rung::OnFar, false)])->next);
        self::assertSame(Rung::Sees, self::today([self::met(2, Rung::Sees, false)])->next);
        $log = [self::met(2, Rung::OnFar, false), self::met(30, Rung::Normal)];
        self::assertSame(Rung::HeldNear, self::today($log)->next, 'the newest counts, in whatever order they come');
    }

    public function testARungIsLostForEveryTwelveWeeks(): void
    {
        $rungs = [
            0 => Rung::Normal,
            11 => Rung::Normal,
            12 => Rung::FirstStrokes,
            25 => Rung::OnNearing,
            400 => Rung::Sees,
        ];
        foreach ($rungs as $weeks => $rung) {
            self::assertSame($rung, self::today([self::met($weeks, Rung::Normal)])->rung, "$weeks weeks");
        }
    }

    public function testADogThatBearsItNeedsNoExtraMinutes(): void
    {
        $a = self::today([self::met(3, Rung::Normal)], tolerance: 5);
        self::assertSame(['go', 0.0, null, null], [$a->decision, $a->minutes, $a->visits, $a->earliest]);
        self::assertNull($a->toArray()['homework']);
        self::assertEqualsWithDelta(2.25, self::today([self::met(3, Rung::Normal)], new: 3)->minutes, 1e-9);
    }

    /**
     * @return iterable<string, array{int, int, int, bool, string}> tolerance, risk, confidence, second person to be had
     */
    public static function decisions(): iterable
    {
        yield 'at ease' => [5, 5, 1, false, 'go'];
        yield 'just borne' => [3, 5, 2, true, 'go'];
        yield 'one over' => [2, 4, 2, true, 'second_person'];
        yield 'nobody to help' => [2, 4, 2, false, 'substitute'];
        yield 'too much for two' => [1, 4, 2, true, 'substitute'];
        yield 'impossible, however sure' => [0, 1, 5, true, 'defer'];
    }

    #[DataProvider('decisions')]
    public function testGoOrNoGo(int $tolerance, int $risk, int $confidence, bool $second, string $decision): void
    {
        $a = (new HandlingRule())->today(
            Tool::Grinder,
            [],
            new \DateTimeImmutable(self::TODAY),
            $tolerance,
            $confidence,
            $risk,
            0,
            $second,
        );
        self::assertSame($decision, $a->decision);
        self::assertSame((5 - $tolerance) * $risk, $a->demand);
        $out = $a->toArray();
        self::assertSame(
            \in_array($decision, ['substitute', 'defer'], true) ? 'clip and file by hand' : null,
            $out['substitute'],
        );
        if ('defer' === $decision) {
            self::assertStringContainsString('vet', $a->cautions[0]->message);
        }
    }

    public function testWhoCanTakeThisDog(): void
    {
        $tasks = [[Tool::Clipper, 2, null], [Tool::NailClippers, 3, null]];
        self::assertSame(
            ['who' => 'Tove', 'fits' => true, 'second_person' => false, 'flags' => []],
            (new SkillCheck())->one('Tove', 3, $tasks),
        );
        $pell = (new SkillCheck())->one('Pell', 1, $tasks);
        self::assertFalse($pell['fits']);
        self::assertSame(['substitute', 'substitute'], array_column($pell['flags'], 'decision'));
        $two = (new SkillCheck())->one('Idris', 2, [[Tool::Clipper, 1, null]]);
        self::assertTrue($two['fits']);
        self::assertTrue($two['second_person']);
    }

    public function testEveryToolHasWordsAndAHarmlessHomework(): void
    {
        foreach (Tool::cases() as $tool) {
            self::assertGreaterThanOrEqual(1, $tool->risk());
            self::assertLessThanOrEqual(5, $tool->risk());
            self::assertNotSame('', $tool->substitute());
            self::assertStringNotContainsString('_', $tool->label());
        }
        foreach (Rung::cases() as $i => $rung) {
            self::assertSame($i, $rung->index());
            self::assertSame($rung, Rung::at($i));
            self::assertDoesNotMatchRegularExpression(
                '/scissor|blade|clipper|quick/i',
                $rung->homework(),
                'owners get the safer version',
            );
        }
        self::assertSame([Rung::Sees, Rung::Normal], [Rung::at(-4), Rung::at(99)]);
    }

    public function testWhateverTheLog(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::vector(4, Generators::choose(0, 9999)),
            Generators::choose(0, 5),
            Generators::choose(1, 5),
            Generators::elements(Tool::cases()),
        )->then(static function (array $seeds, int $tolerance, int $confidence, Tool $tool): void {
            $log = [];
            foreach ($seeds as $seed) {
                \assert(\is_int($seed));
                $log[] = self::met($seed % 70, Rung::at(intdiv($seed, 70) % 9), 0 === intdiv($seed, 630) % 2);
            }
            $a = self::today($log, $tool, $tolerance, $confidence);
            self::assertLessThanOrEqual(
                1,
                abs($a->next->index() - ($a->rung?->index() ?? 0)),
                'never more than one rung at a time',
            );
            self::assertTrue(null === $a->visits || $a->visits >= 1);
            self::assertSame(null === $a->visits, null === $a->earliest);
            $order = ['go' => 0, 'second_person' => 1, 'substitute' => 2, 'defer' => 3];
            self::assertLessThanOrEqual(
                $order[$a->decision],
                $order[self::today($log, $tool, min(5, $tolerance + 1), $confidence)->decision],
                'a dog that bears more is asked less',
            );
            self::assertLessThanOrEqual(
                $order[$a->decision],
                $order[self::today($log, $tool, $tolerance, min(5, $confidence + 1))->decision],
                'a surer groomer may do less',
            );
        });
    }
}
