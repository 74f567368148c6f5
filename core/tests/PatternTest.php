<?php

/** A house pattern on a dog: what fits, what is made otherwise, what is the dog's own, what its coat forbids. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Pattern\Verdict;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;

final class PatternTest extends PatternCase
{
    /** @return iterable<string, array{CoatType, string, string, Verdict, string}> coat, pattern, own, verdict, words */
    public static function cases(): iterable
    {
        yield 'a curly coat takes it' => [CoatType::Curly, 'back: 16/10', '', Verdict::Fits, 'Fits'];
        yield 'as it is already' => [CoatType::Curly, 'back: 16/10', 'back: 16/10', Verdict::Same, 'so already'];
        yield 'an exception stays' => [CoatType::Curly, 'back: 16/10', 'back: 10 !', Verdict::Kept, 'exception patch'];
        yield 'comfort outranks' => [CoatType::Wire, 'back: 16/10', 'back: 5F @comfort', Verdict::Kept, 'comfort'];
        yield 'an owner\'s wish does not' => [
            CoatType::Curly,
            'back: 16/10',
            'back: 5F @owner_wish',
            Verdict::Fits,
            'Fits',
        ];
        yield 'a double coat' => [CoatType::LongDouble, 'back: 10', '', Verdict::MustNot, 'not clipped by default'];
        yield 'its hygiene' => [CoatType::LongDouble, 'under_tail_ring: 10', '', Verdict::Fits, 'Fits'];
        yield 'a wire coat that is pulled' => [
            CoatType::Wire,
            'back: 10',
            'back: strip 28',
            Verdict::MustNot,
            'pulled by hand',
        ];
        yield 'scissors on a double coat' => [
            CoatType::LongDouble,
            'breeches.l: scissor 50',
            'breeches.l: scissor 45',
            Verdict::Fits,
            'Fits',
        ];
        yield 'cords' => [CoatType::Corded, 'back: 7F', '', Verdict::MustNot, 'Cords'];
        yield 'no hair' => [CoatType::Hairless, 'back: 7F', '', Verdict::MustNot, 'no hair'];
        yield 'slow hair' => [CoatType::SlowFineLong, 'back: 7F', '', Verdict::MustNot, 'months'];
        yield 'slow hair, by hand, far shorter' => [
            CoatType::SlowFineLong,
            'ribs.l: scissor 10',
            '',
            Verdict::AgreeFirst,
            'agree',
        ];
    }

    #[DataProvider('cases')]
    public function testVerdicts(CoatType $coat, string $pattern, string $own, Verdict $verdict, string $says): void
    {
        $fit = self::fit($coat, $pattern, $own, 55.0);
        self::assertSame($verdict, $fit->verdict, $fit->why);
        self::assertStringContainsString($says, $fit->why);
    }

    public function testTheKitAnswersForWhatItLacks(): void
    {
        $kit = new KitMatch([KitTool::guard(Length::ofMillimetres(13)), KitTool::blade('10')]);
        $fit = self::fit(CoatType::Curly, 'back: 16/10', '', 55.0, $kit);
        self::assertSame([Verdict::OtherTool, '13 mm guard over 10, 14 mm'], [$fit->verdict, $fit->instead]);
        self::assertStringContainsString('that is not close', $fit->why);
        self::assertSame(Verdict::Fits, self::fit(CoatType::Curly, 'back: 13/10', '', 55.0, $kit)->verdict);
        self::assertSame(
            'nothing in reach',
            self::fit(CoatType::Curly, 'back: 13/10', '', 55.0, new KitMatch([]))->instead,
        );
    }

    public function testTheDogsMotorAndNoteStay(): void
    {
        $fit = self::fit(CoatType::Curly, 'back: 16/10', 'back: 13/10 %"quiet motor" #"slow over the hip"', 55.0);
        self::assertSame(
            ['quiet motor', 'slow over the hip', 16_000],
            [$fit->way->clipper, $fit->way->note, $fit->way->guard],
        );
        self::assertSame(3.0, $fit->toArray()['difference_mm']);
    }

    public function testNothingIsClippedUnaskedOnADoubleCoat(): void
    {
        $this->forAll(
            Generators::elements(CoatType::ShortDouble, CoatType::LongDouble),
            Generators::elements(ZoneTable::ids()),
            Generators::elements('10', '7F', '16/10', '25/30'),
        )->then(static function (CoatType $coat, string $zone, string $tool): void {
            $way = Notation::parse("back: $tool")->plan['back'];
            $fit = (new FitRule(
                $coat,
                CoatStage::Adult,
                false,
                (new GrowthRule())->learn($coat),
                new LengthRule(),
            ))->zone(Zone::of($zone), $way, null, Length::ofMillimetres(60));
            self::assertSame(
                \in_array(Zone::of($zone)->group, ['sanitary', 'feet'], true),
                $fit->verdict->isTaken(),
                "$zone: {$fit->why}",
            );
            self::assertNotSame('', $fit->why);
        });
    }

    public function testWhatWasTakenOverIsTheSameFromThenOn(): void
    {
        $tools = ['10', '7F', '16/10', '13/30 against', 'scissor 25', 'strip 28', 'leave 12'];
        $this->forAll(
            Generators::elements(CoatType::cases()),
            Generators::elements(ZoneTable::ids()),
            Generators::elements($tools),
            Generators::elements($tools),
        )->then(static function (CoatType $coat, string $zone, string $pattern, string $own): void {
            $ways = array_map(static fn (string $tool): Way => Notation::parse("back: $tool")->plan['back'], [
                $pattern,
                $own,
            ]);
            $fit = self::rule($coat)->zone(Zone::of($zone), $ways[0], $ways[1], Length::ofMillimetres(40));
            self::assertSame(
                Verdict::Same,
                self::rule($coat)->zone(Zone::of($zone), $ways[0], $fit->way, Length::ofMillimetres(40))->verdict,
            );
            self::assertSame($pattern === $own, Verdict::Same === $fit->verdict, "$pattern on $own");
            self::assertSame($fit->finished?->rounded(), $fit->toArray()['finished_mm']);
        });
    }

    public function testOnlyStyleBecomesAPattern(): void
    {
        $plan = Notation::parse(
            'back: 16/10 %"quiet motor" #"slow"; loin: 10 !; rump: 10 once; belly: 7F @comfort; chest: 10 '.
                '@forced_by_mat; throat: 7F @hygiene',
        )->plan;
        $style = FitRule::style($plan);
        self::assertSame(['throat', 'back'], array_keys($style));
        self::assertSame([null, null], [$style['back']->clipper, $style['back']->note]);
        self::assertSame('hygiene', $style['throat']->reason);
        self::assertSame([], FitRule::style([]));
    }

    public function testEveryVerdictIsTakenAskedOrLeft(): void
    {
        foreach (Verdict::cases() as $v) {
            self::assertFalse($v->isTaken() && $v->needsConsent(), $v->value);
        }
        self::assertSame(
            [Verdict::AgreeFirst, Verdict::MustNot],
            array_values(array_filter(Verdict::cases(), static fn (Verdict $v): bool => $v->needsConsent())),
        );
    }
}
