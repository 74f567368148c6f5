<?php

/** Comb or clip: the worked figures, every branch of the decision, and what must hold for any comb test. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Handling\Handling;
use KeenThistle\Core\Matting\Decision;
use KeenThistle\Core\Matting\Mat;
use KeenThistle\Core\Measure\Surface;
use PHPUnit\Framework\Attributes\DataProvider;

final class MattingTest extends MattingCase
{
    public function testWorkedExample(): void
    {
        // 10 kg: 0.101 × 10^(2/3) = 0.4688 m². Armpit 0.75 % × 0.6 × 3/4 of 100 = 0.3375; 21.1 cm² × 0.3 s = 6.3
        // s.
        $answer = self::reckon([self::mat('armpit_left', 3, 0.6, false)]);
        self::assertEqualsWithDelta(0.3375, $answer->load, 1e-9);
        self::assertEqualsWithDelta(4688.0, Surface::cm2(10), 0.5);
        self::assertEqualsWithDelta((21.096 * 0.3) / 60, $answer->minutes, 1e-4);
        self::assertSame(['clip', '10'], [$answer->zones[0]->decision->value, $answer->zones[0]->under?->blade]);
        self::assertNull($answer->even);
    }

    public function testSecondsBySeverity(): void
    {
        $cm2 = Surface::cm2(10) * 0.09;
        foreach ([0 => 0.0, 1 => 0.3, 2 => 2.0] as $severity => $seconds) {
            self::assertEqualsWithDelta(
                ($cm2 * $seconds) / 60,
                self::reckon([self::mat('back', $severity)])->minutes,
                1e-9,
                "severity $severity",
            );
        }
        self::assertEqualsWithDelta(
            ($cm2 * 0.2 * 8.0) / 60,
            self::reckon([self::mat('back', 3, 0.2, true)])->minutes,
            1e-9,
        );
        self::assertEqualsWithDelta(($cm2 * 0.6) / 60, self::reckon([self::mat('back', 4)])->minutes, 1e-9);
        self::assertEqualsWithDelta(($cm2 * 0.3) / 60, self::reckon([self::mat('back', 3, 1.0, false)])->minutes, 1e-9);
    }

    public function testDecisionsBeforeAnyLimit(): void
    {
        $answer = self::reckon([
            self::mat('skull', 0),
            self::mat('brow', 1, 0.5),
            self::mat('stop', 2, 0.5),
            self::mat('elbow_left', 3, 0.5, true),
            self::mat('elbow_right', 3, 0.5, false),
            self::mat('nape', 4, 0.1, true),
        ]);
        self::assertSame(
            [
                'skull' => 'none',
                'brow' => 'comb',
                'stop' => 'loosen',
                'elbow_left' => 'split',
                'elbow_right' => 'clip',
                'nape' => 'clip',
            ],
            self::decisions($answer),
        );
    }

    public function testATenderZoneHasItsOwnLimit(): void
    {
        // Belly, 5 % of 30 kg: 488 cm² × 2 s = 16 min, more than five; the rump of 4 % is worked for 13 min.
        $answer = self::reckon([self::mat('belly', 2), self::mat('rump', 2)], kg: 30.0);
        self::assertSame(['belly' => 'clip', 'rump' => 'loosen'], self::decisions($answer));
        self::assertSame('over_limit', $answer->zones[0]->reasons()[2]->term);
    }

    public function testTheLongestZonesTurnFirstUntilTheVisitFits(): void
    {
        $answer = self::reckon([
            self::mat('back', 2),
            self::mat('loin', 2),
            self::mat('ribs_left', 2),
            self::mat('nape', 1),
        ]);
        self::assertSame(
            ['back' => 'clip', 'loin' => 'loosen', 'ribs_left' => 'loosen', 'nape' => 'comb'],
            self::decisions($answer),
        );
        self::assertLessThanOrEqual(20.0, $answer->worked);
        self::assertEqualsWithDelta($answer->worked + (Surface::cm2(10) * 0.09 * 0.3) / 60, $answer->minutes, 1e-9);
    }

    public function testALessPatientDogIsClippedSooner(): void
    {
        $mats = [self::mat('loin', 2), self::mat('rump', 2, 0.5)];
        self::assertSame(['loin' => 'loosen', 'rump' => 'loosen'], self::decisions(self::reckon($mats)));
        self::assertSame(
            ['loin' => 'clip', 'rump' => 'loosen'],
            self::decisions(self::reckon($mats, Handling::Frightened)),
        );
        self::assertSame(
            [12.0, 3.0],
            [self::reckon($mats, Handling::TwoPerson)->limit, self::reckon($mats, Handling::TwoPerson)->tenderLimit],
        );
    }

    /** @return iterable<string, array{string, int, bool|null, string|null}> */
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
    }

    #[DataProvider('blades')]
    public function testTheBladeUnderAMat(string $zone, int $severity, ?bool $clearance, ?string $blade): void
    {
        $z = self::reckon([self::mat($zone, $severity, 1.0, $clearance, Decision::Clip)])->zones[0];
        self::assertSame($blade, $z->under?->blade);
        self::assertSame(null === $blade, null === $z->under?->leaves());
        self::assertStringNotContainsString('guard', (string) $z->under?->words);
        if (null !== $z->under && !$z->mat->hasClearance() && '10' === $blade) {
            self::assertSame(['15', '30'], $z->under->experienced);
        }
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
        $more = [...$body, self::mat('loin', 3, 1.0, true), self::mat('armpit_left', 4)];
        self::assertSame(
            ['blade' => '7F', 'mm' => 3.2],
            self::reckon($more, Handling::Frightened)->even,
            'a tender zone stays a patch of its own',
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
        $coats = [[CoatType::ShortDouble, false], [CoatType::LongDouble, false], [CoatType::Wire, true]];
        foreach ($coats as [$coat, $stripped]) {
            $answer = self::reckon($mats, coat: $coat, stripped: $stripped)->toArray();
            self::assertNull($answer['even_out'], $coat->value);
            self::assertSame(['blade' => '10', 'finished_mm' => 1.5], $answer['even_out_on_consent']);
        }
        self::assertNotNull(self::reckon($mats, coat: CoatType::Wire)->toArray()['even_out']);
    }
}
