<?php

/** Comb or clip: the worked figures, every branch of the decision, and what must hold for any comb test. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Matting\ZoneDecision;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Measure\Surface;
use KeenThistle\Core\Reason\Reason;
use PHPUnit\Framework\Attributes\DataProvider;

final class MattingTest extends MattingCase
{
    public function testWorkedExample(): void
    {
        // 10 kg: 0.101 × 10^(2/3) = 0.4688 m². Armpit 0.75 % × 0.6 × 3/4 of 100 = 0.3375; 21.1 cm² × 0.3 s = 6.3
        // s, and the minute of its place.
        $answer = self::reckon([self::mat('armpit_left', 3, 0.6, false)]);
        self::assertEqualsWithDelta(0.3375, $answer->load, 1e-9);
        self::assertEqualsWithDelta(4688.0, Surface::cm2(10), 0.5);
        self::assertEqualsWithDelta(1.0 + (21.096 * 0.3) / 60, $answer->minutes, 1e-4);
        self::assertSame(0.0, $answer->worked);
        self::assertSame(['clip', '10'], [$answer->zones[0]->decision->value, $answer->zones[0]->under?->blade]);
        self::assertNull($answer->even);
    }

    /** @return iterable<string, array{Mat, float, float, 2?: CoatType}> seconds per cm², minutes of set-up */
    public static function seconds(): iterable
    {
        yield 'clear' => [self::mat('loin', 0), 0.0, 0.0];
        yield 'tangles' => [self::mat('loin', 1), 0.3, 0.0];
        yield 'separate mats' => [self::mat('loin', 2), 2.0, 1.0];
        yield 'tight, a comb passes' => [self::mat('loin', 3, 0.2, true), 8.0, 1.0];
        yield 'tight, no comb passes' => [self::mat('loin', 3, 1.0, false), 0.3, 1.0];
        yield 'felted' => [self::mat('loin', 4), 0.6, 1.0];
        yield 'tangles in a double coat' => [self::mat('loin', 1), 0.5, 0.0, CoatType::LongDouble];
        yield 'mats in a double coat' => [self::mat('loin', 2), 1.5, 1.0, CoatType::ShortDouble];
    }

    #[DataProvider('seconds')]
    public function testSecondsBySeverity(
        Mat $mat,
        float $seconds,
        float $setUp,
        CoatType $coat = CoatType::Curly,
    ): void {
        self::assertEqualsWithDelta(
            $setUp + (Surface::cm2(10) * 0.04 * $mat->spread * $seconds) / 60,
            self::reckon([$mat], coat: $coat)->minutes,
            1e-9,
        );
    }

    public function testDecisionsBeforeAnyLimit(): void
    {
        $mats = [
            self::mat('skull', 0),
            self::mat('brow', 1, 0.5),
            self::mat('stop', 2, 0.5),
            self::mat('elbow_left', 3, 0.5, true),
            self::mat('elbow_right', 3, 0.5, false),
            self::mat('nape', 4, 0.1, true),
            self::mat('groin', 2, 0.1),
        ];
        $curly = [
            'skull' => 'none',
            'brow' => 'comb',
            'stop' => 'loosen',
            'elbow_left' => 'split',
            'elbow_right' => 'clip',
            'nape' => 'clip',
            'groin' => 'loosen',
        ];
        self::assertSame($curly, self::decisions(self::reckon($mats)));
        self::assertSame(
            array_replace($curly, ['brow' => 'rake', 'stop' => 'rake']),
            self::decisions(self::reckon($mats, coat: CoatType::LongDouble)),
            'a double coat is raked, its tender places combed',
        );
    }

    public function testAPairAndAllFeetAreOnePlace(): void
    {
        $answer = self::reckon([
            self::mat('armpit_left', 1),
            self::mat('armpit_right', 3, 0.5, false),
            self::mat('pads_front_left', 2),
            self::mat('between_toes_hind_right', 2),
        ]);
        self::assertSame(
            [false, true, true, false],
            array_map(static fn (ZoneDecision $z): bool => $z->setsUp, $answer->zones),
        );
        self::assertLessThan(1.0, $answer->worked, 'the minute of a place is not working out');
    }

    public function testWhatComesOffAnywayIsNeitherWorkedOnNorPaidFor(): void
    {
        $off = self::mat('loin', 4)->plannedAs(Length::ofMillimetres(1.5), 'blade');
        $answer = self::reckon([$off, self::mat('rump', 2)], rate: 100);
        self::assertSame(['loin' => 'comes_off', 'rump' => 'loosen'], self::decisions($answer));
        self::assertEqualsWithDelta((Surface::cm2(10) * 0.04 * 0.6) / 60, $answer->zones[0]->minutes, 1e-9);
        self::assertEqualsWithDelta($answer->minutes - $answer->zones[0]->minutes, $answer->charged, 1e-9);
        self::assertSame((int) round(($answer->charged - 5) * 100), $answer->fee);
    }

    /** @return iterable<string, array{string, int, bool|null, float, string, bool}> */
    public static function comingOff(): iterable
    {
        yield 'with clearance up to 3.2' => ['loin', 3, true, 3.2, 'blade', true];
        yield 'longer stays' => ['loin', 3, true, 4.8, 'blade', false];
        yield 'no clearance: 1.5' => ['loin', 3, false, 3.2, 'blade', false];
        yield 'felted: 1.5' => ['loin', 4, true, 1.5, 'blade', true];
        yield 'tender: 1.5' => ['armpit_left', 2, true, 3.2, 'blade', false];
        yield 'elbow: 1.5' => ['elbow_left', 2, true, 1.5, 'blade', true];
        yield 'a guard never' => ['loin', 1, true, 3.2, 'guard', false];
        yield 'a blade at the eye never' => ['inner_eye_left', 2, true, 0.5, 'blade', false];
        yield 'a small trimmer there' => ['inner_eye_left', 2, true, 0.5, 'trimmer', true];
        yield 'clear is clear' => ['loin', 0, true, 1.5, 'blade', false];
    }

    #[DataProvider('comingOff')]
    public function testWhatComesOff(
        string $zone,
        int $severity,
        ?bool $clearance,
        float $mm,
        string $kind,
        bool $off,
    ): void {
        $mat = self::mat($zone, $severity, 1.0, $clearance)->plannedAs(Length::ofMillimetres($mm), $kind);
        self::assertSame($off, 'comes_off' === self::reckon([$mat])->zones[0]->decision->value);
    }

    public function testATenderZoneHasItsOwnLimit(): void
    {
        // Belly, 5 % of 30 kg: 488 cm² × 2 s = 16 min, more than five; the rump of 4 % is worked for 13 min.
        $answer = self::reckon([self::mat('belly', 2), self::mat('rump', 2)], kg: 30.0);
        self::assertSame(['belly' => 'clip', 'rump' => 'loosen'], self::decisions($answer));
        $terms = array_map(static fn (Reason $r): string => $r->term, $answer->zones[0]->reasons());
        self::assertContains('over_limit', $terms);
        self::assertSame(
            ['belly' => 'comb'],
            self::decisions(self::reckon([self::mat('belly', 1)], Handling::Frightened, 90.0)),
            'tangles are brushing, whatever they take',
        );
    }

    public function testSeparateMatsNeverTurnToClipForTheVisitsSake(): void
    {
        $answer = self::reckon([
            self::mat('back', 2),
            self::mat('loin', 2),
            self::mat('ribs_left', 2),
            self::mat('nape', 1),
        ]);
        self::assertSame(
            ['back' => 'loosen', 'loin' => 'loosen', 'ribs_left' => 'loosen', 'nape' => 'comb'],
            self::decisions($answer),
        );
        self::assertSame(2, $answer->visits(), 'over the limit another visit is offered');
    }

    public function testTheLongestTightZonesTurnFirstUntilTheVisitFits(): void
    {
        // 12.5, 12.5 and 15.6 minutes against 20; of equals the first by name.
        $answer = self::reckon([
            self::mat('rump', 3, 0.5, true),
            self::mat('loin', 3, 0.5, true),
            self::mat('chest', 3, 0.5, true),
        ]);
        self::assertSame(['rump' => 'split', 'loin' => 'clip', 'chest' => 'clip'], self::decisions($answer));
        self::assertLessThanOrEqual($answer->limit, $answer->worked);
    }

    public function testAPairGoesTogether(): void
    {
        $pair = [
            self::mat('ribs_left', 3, 0.6, true),
            self::mat('ribs_right', 3, 0.1, true),
            self::mat('nape', 3, 0.2, true),
        ];
        self::assertSame(
            ['ribs_left' => 'clip', 'ribs_right' => 'clip', 'nape' => 'split'],
            self::decisions(self::reckon($pair)),
        );
        $held = [$pair[0], $pair[1]->overruled(Decision::Split, 'the owner asked'), $pair[2]];
        self::assertSame('split', self::decisions(self::reckon($held))['ribs_right'], 'a groomer\'s word stands');
        $tender = [self::mat('cheek_left', 2), self::mat('cheek_right', 2, 0.1)];
        self::assertSame(
            ['cheek_left' => 'clip', 'cheek_right' => 'clip'],
            self::decisions(self::reckon($tender, Handling::Frightened, 60.0)),
        );
    }

    public function testALessPatientDogIsClippedSooner(): void
    {
        $mats = [self::mat('loin', 3, 0.4, true), self::mat('rump', 3, 0.2, true)];
        self::assertSame(['loin' => 'split', 'rump' => 'split'], self::decisions(self::reckon($mats)));
        self::assertSame(
            ['loin' => 'clip', 'rump' => 'split'],
            self::decisions(self::reckon($mats, Handling::Frightened)),
        );
        $two = self::reckon($mats, Handling::TwoPerson);
        self::assertSame([12.0, 3.0], [round($two->limit, 1), round($two->tenderLimit, 1)]);
    }

    public function testALargeDogBearsMoreAndASmallOneLess(): void
    {
        $limit = static fn (float $kg): float => round(self::reckon([], kg: $kg)->limit, 1);
        self::assertSame([14.0, 20.0, 32.0], [$limit(2.0), $limit(10.0), $limit(60.0)]);
    }

    public function testTheSchoolOfClippingEarly(): void
    {
        $mats = [self::mat('groin', 2, 0.1), self::mat('loin', 3, 0.1, true), self::mat('rump', 2, 0.1)];
        $early = self::reckon($mats, clipsEarly: true);
        self::assertSame(['groin' => 'clip', 'loin' => 'clip', 'rump' => 'loosen'], self::decisions($early));
        self::assertSame(
            [round(self::reckon($mats)->limit / 2, 6), 2.5],
            [round($early->limit, 6), $early->tenderLimit],
        );
    }

    /** @return iterable<string, array{string, int, bool|null, string|null, 4?: bool, 5?: Handling}> */
    public static function blades(): iterable
    {
        yield 'clearance' => ['back', 3, true, '7F'];
        yield 'tender' => ['armpit_left', 3, true, '10'];
        yield 'elbow' => ['elbow_left', 3, true, '10'];
        yield 'hock' => ['hock_right', 3, true, '10'];
        yield 'no clearance' => ['back', 3, false, '10'];
        yield 'felted' => ['back', 4, true, '10'];
        yield 'pads' => ['pads_front_left', 4, null, 'toe'];
        yield 'between toes' => ['between_toes_hind_right', 3, true, 'toe'];
        yield 'inner eye' => ['inner_eye_left', 4, null, null];
        yield 'lips' => ['lips', 3, true, null];
        yield 'sheath or vulva' => ['sheath_or_vulva', 4, null, null];
        yield 'inner eye, experienced' => ['inner_eye_left', 4, null, 'trimmer', true];
        yield 'lips, two people' => ['lips', 4, null, 'trimmer', true, Handling::TwoPerson];
        yield 'lips, it does not keep still' => ['lips', 4, null, null, true, Handling::Fidgety];
    }

    #[DataProvider('blades')]
    public function testTheBladeUnderAMat(
        string $zone,
        int $severity,
        ?bool $clearance,
        ?string $blade,
        bool $experienced = false,
        Handling $handling = Handling::Calm,
    ): void {
        $answer = self::reckon(
            [self::mat($zone, $severity, 1.0, $clearance, Decision::Clip)],
            $handling,
            experienced: $experienced,
        );
        $z = $answer->zones[0];
        self::assertSame($blade, $z->under?->blade);
        self::assertSame(null === $blade, null === $z->under?->leaves());
        self::assertSame(null === $blade, null !== $z->under?->refer, 'a vet within days where nothing of ours goes');
        self::assertStringNotContainsString('guard', (string) $z->under?->words);
        self::assertSame($z->mat->hasClearance() ? [] : [$zone], $answer->skinChecks());
        if (null !== $z->under && !$z->mat->hasClearance() && '10' === $blade) {
            self::assertSame(['15', '30'], $z->under->experienced);
        }
    }

    public function testAThirtyBetweenTheToesIsForTheExperienced(): void
    {
        $mats = [self::mat('between_toes_front_left', 4)];
        self::assertSame([], self::reckon($mats)->zones[0]->under?->experienced);
        self::assertSame(['30'], self::reckon($mats, experienced: true)->zones[0]->under?->experienced);
    }

    public function testAnEvenLengthIsProposedOverThirtyPerCent(): void
    {
        $body = [
            self::mat('back', 3, 1.0, true),
            self::mat('ribs_left', 3, 1.0, true),
            self::mat('ribs_right', 3, 1.0, true),
            self::mat('chest', 3, 1.0, true),
        ];
        self::assertEqualsWithDelta(0.28, self::reckon($body, Handling::Frightened)->clippedShare, 1e-9);
        self::assertNull(self::reckon($body, Handling::Frightened)->even);
        $more = [
            ...$body,
            self::mat('loin', 3, 1.0, true),
            self::mat('armpit_left', 4),
            self::mat('hock_left', 4),
            self::mat('elbow_left', 4),
        ];
        self::assertSame(
            ['blade' => '7F', 'mm' => 3.2],
            self::reckon($more, Handling::Frightened)->even,
            'a tender zone, an elbow, a hock stays a patch of its own',
        );
        $felted = [...$more, self::mat('nape', 4, 0.1)];
        self::assertSame(['blade' => '10', 'mm' => 1.5], self::reckon($felted, Handling::Frightened)->even);
    }

    public function testSomeCoatsAreNeverEvenedOutByThemselves(): void
    {
        $mats = array_map(static fn (string $z): Mat => self::mat($z, 4), [
            'back',
            'ribs_left',
            'ribs_right',
            'loin',
            'rump',
            'chest',
        ]);
        $coats = [
            [CoatType::ShortDouble, false],
            [CoatType::LongDouble, false],
            [CoatType::SlowFineLong, false],
            [CoatType::Wire, true],
        ];
        foreach ($coats as [$coat, $stripped]) {
            $answer = self::reckon($mats, coat: $coat, stripped: $stripped)->toArray();
            self::assertNull($answer['even_out'], $coat->value);
            self::assertSame(['blade' => '10', 'finished_mm' => 1.5], $answer['even_out_on_consent']);
        }
        self::assertNotNull(self::reckon($mats, coat: CoatType::Wire)->toArray()['even_out']);
    }
}
