<?php

/** Ladder and go or no-go: each branch, and what must hold for any log. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Handling\Decision;
use KeenThistle\Core\Handling\Exposure;
use KeenThistle\Core\Handling\HandlingAnswer;
use KeenThistle\Core\Handling\HandlingRule;
use KeenThistle\Core\Handling\Place;
use KeenThistle\Core\Handling\Rung;
use KeenThistle\Core\Handling\SkillCheck;
use KeenThistle\Core\Handling\Tool;
use KeenThistle\Core\Timing\Service;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
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
        ?int $tolerance = 3,
        int $confidence = 3,
        bool $second = true,
        int $new = 0,
        ?Place $place = null,
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
            place: $place,
        );
    }

    private static function met(int $weeksAgo, Rung $rung, bool $calm = true): Exposure
    {
        return new Exposure((new \DateTimeImmutable(self::TODAY))->modify("-$weeksAgo weeks"), $rung, $calm);
    }

    public function testNotKnownIsNotEasy(): void
    {
        $a = self::today();
        self::assertSame([Decision::Unknown, null, Rung::Sees, 0.5], [$a->decision, $a->rung, $a->next, $a->minutes]);
        self::assertSame('not_known_yet', $a->cautions[0]->code);
        self::assertSame(Decision::Unknown, self::today(tolerance: 5)->decision, 'at ease elsewhere is not known here');
        self::assertSame(Decision::Unknown, self::today([self::met(1, Rung::Normal)], tolerance: null)->decision);
        self::assertSame(Decision::Defer, self::today(tolerance: 0)->decision);
    }

    public function testADogAtEaseClimbsTheLadderInOneVisit(): void
    {
        $visits = static fn (int $tolerance): array => [
            self::today(tolerance: $tolerance)->visits,
            self::today(tolerance: $tolerance)->earliest?->format('Y-m-d'),
        ];
        self::assertSame([1, self::TODAY], $visits(5));
        self::assertSame([3, '2027-02-17'], $visits(4));
        self::assertSame([5, '2027-05-12'], $visits(3));
        self::assertSame([9, '2027-10-27'], $visits(2));
    }

    public function testCalmGoesUpFearGoesDown(): void
    {
        self::assertSame(Rung::OnNearing, self::today([self::met(2, Rung::OnFar)])->next);
        self::assertSame(Rung::HeldNear, self::today([self::met(2, Rung::OnFar, false)])->next);
        self::assertSame(Rung::OnFar, self::today([self::met(5, Rung::OnFar, false)])->next, 'the fear is weeks old');
        self::assertSame(Rung::Sees, self::today([self::met(2, Rung::Sees, false)])->next);
        self::assertSame(
            0.75,
            self::today([self::met(2, Rung::Sees, false)])->minutes,
            'the first rung takes time too',
        );
        $log = [self::met(2, Rung::OnFar, false), self::met(30, Rung::Normal)];
        self::assertSame(Rung::HeldNear, self::today($log)->next, 'the newest counts, in whatever order they come');
        $day = [self::met(2, Rung::OnFar), self::met(2, Rung::NearBody), self::met(2, Rung::Sees)];
        self::assertSame(Rung::OnFar, self::today($day)->rung, 'of one day the highest counts');
        self::assertSame(Rung::OnFar, self::today(array_reverse($day))->rung);
        self::assertSame(
            5,
            self::today([self::met(2, Rung::OnFar, false)], tolerance: 2)->visits,
            'held near to normal',
        );
    }

    public function testTheWorkWaitsUntilFirstStrokesWereBorne(): void
    {
        $practise = self::today([self::met(2, Rung::OnFar)], tolerance: 4, confidence: 5);
        self::assertSame([Decision::Practise, true], [$practise->decision, $practise->helps]);
        self::assertSame('thinning shears above a comb', $practise->toArray()['substitute']);
        self::assertFalse(self::today([self::met(2, Rung::OnFar)], tolerance: 2, confidence: 5)->helps);
        $borne = [self::met(2, Rung::FirstStrokes)];
        self::assertSame(Decision::Go, self::today($borne, tolerance: 4, confidence: 5)->decision);
        $scared = [self::met(2, Rung::Normal, false)];
        self::assertSame(
            Decision::Practise,
            self::today($scared, tolerance: 5, confidence: 5)->decision,
            'confidence never outvotes fear',
        );
        self::assertSame(
            Decision::Go,
            self::today([self::met(5, Rung::Normal, false)], tolerance: 5, confidence: 5)->decision,
        );
    }

    public function testAPlaceHasALadderOfItsOwn(): void
    {
        $log = [
            new Exposure(new \DateTimeImmutable('2026-11-10'), Rung::Normal, true, Place::Body),
            new Exposure(new \DateTimeImmutable('2026-11-11'), Rung::Sees, true, Place::Face),
        ];
        $at = static fn (?Place $place): ?Rung => self::today($log, place: $place)->rung;
        self::assertSame([Rung::Normal, Rung::Sees, null], [$at(Place::Body), $at(Place::Face), $at(Place::Rear)]);
        self::assertSame(Place::HindFeet, Place::of(Zone::of('pads_hind_left')));
        self::assertSame(Place::Belly, Place::of(Zone::of('armpit_left')));
        self::assertSame(Place::Rear, Place::of(Zone::of('under_tail_ring')));
        foreach (ZoneTable::all() as $zone) {
            self::assertNotSame('', Place::of($zone)->label());
        }
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
        self::assertSame([Decision::Go, 0.0, null, null], [$a->decision, $a->minutes, $a->visits, $a->earliest]);
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
        yield 'one over' => [3, 5, 1, true, 'substitute'];
        yield 'one over, with help' => [3, 3, 1, true, 'second_person'];
        yield 'nobody to help' => [3, 3, 1, false, 'substitute'];
        yield 'tolerance 2 alone, sure' => [2, 4, 4, false, 'go'];
        yield 'tolerance 2 alone, not sure' => [2, 1, 3, false, 'substitute'];
        yield 'tolerance 2 with help' => [2, 4, 2, true, 'second_person'];
        yield 'tolerance 2, too much with help' => [2, 5, 2, true, 'substitute'];
        yield 'tolerance 1, sure and helped' => [1, 5, 4, true, 'second_person'];
        yield 'tolerance 1, sure but alone' => [1, 1, 5, false, 'substitute'];
        yield 'tolerance 1, helped but not sure' => [1, 1, 3, true, 'substitute'];
        yield 'impossible, however sure' => [0, 1, 5, true, 'defer'];
    }

    #[DataProvider('decisions')]
    public function testGoOrNoGo(int $tolerance, int $risk, int $confidence, bool $second, string $decision): void
    {
        $a = (new HandlingRule())->today(
            Tool::Grinder,
            [self::met(1, Rung::Normal)],
            new \DateTimeImmutable(self::TODAY),
            $tolerance,
            $confidence,
            $risk,
            0,
            $second,
        );
        self::assertSame($decision, $a->decision->value);
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
        $tasks = [[Tool::Clipper, 3, null], [Tool::NailClippers, 3, null]];
        self::assertSame(
            ['who' => 'Tove', 'fits' => true, 'second_person' => false, 'flags' => []],
            (new SkillCheck())->one('Tove', 3, $tasks),
        );
        $pell = (new SkillCheck())->one('Pell', 1, [[Tool::Clipper, 2, null], [Tool::NailClippers, 3, null]]);
        self::assertFalse($pell['fits']);
        self::assertSame(['substitute', 'substitute'], array_column($pell['flags'], 'decision'));
        $two = (new SkillCheck())->one('Idris', 2, [[Tool::Clipper, 2, null]]);
        self::assertTrue($two['fits']);
        self::assertTrue($two['second_person']);
    }

    public function testARoleIsNeverGivenWhatItNeverDoes(): void
    {
        $check = new SkillCheck();
        self::assertNotNull($check->refuses('front_desk', Service::Nails, null));
        self::assertNotNull($check->refuses('bather', Service::Full, null));
        self::assertNull($check->refuses('bather', Service::Bath, null));
        self::assertNotNull($check->refuses('apprentice', Service::Tidy, null));
        self::assertNull($check->refuses('apprentice', Service::Tidy, 'Tove'));
        self::assertNull($check->refuses('mobile_groomer', Service::Full, null));
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
            $order = [
                'go' => 0,
                'second_person' => 1,
                'substitute' => 2,
                'practise' => 2,
                'unknown' => 2,
                'defer' => 3,
            ];
            self::assertLessThanOrEqual(
                $order[$a->decision->value],
                $order[self::today($log, $tool, min(5, $tolerance + 1), $confidence)->decision->value],
                'a dog that bears more is asked less',
            );
            self::assertLessThanOrEqual(
                $order[$a->decision->value],
                $order[self::today($log, $tool, $tolerance, min(5, $confidence + 1))->decision->value],
                'a surer groomer may do less',
            );
        });
    }
}
