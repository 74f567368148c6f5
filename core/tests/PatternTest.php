<?php

/** A house pattern on a dog: what fits, what is made otherwise, what is the dog's own, what its coat forbids. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatStage;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Growth\GrowthRule;
use KeenThistle\Core\Kit\KitMatch;
use KeenThistle\Core\Kit\KitTool;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Pattern\Fit;
use KeenThistle\Core\Pattern\FitRule;
use KeenThistle\Core\Pattern\Verdict;
use KeenThistle\Core\Shorthand\Notation;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Core\Zone\ZoneTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PatternTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{CoatType, string, string, Verdict, string}> coat, pattern, own, verdict, words */
    public static function cases(): iterable
    {
        yield 'a curly coat takes it' => [CoatType::Curly, 'back: 16/10', '', Verdict::Fits, 'Fits'];
        yield 'as it is already' => [CoatType::Curly, 'back: 16/10', 'back: 16/10', Verdict::Same, 'so already'];
        yield 'an exception stays' => [CoatType::Curly, 'back: 16/10', 'back: 10 !', Verdict::Kept, 'exception patch'];
        yield 'comfort outranks' => [CoatType::Wire, 'back: 16/10', 'back: 5F @comfort', Verdict::Kept, 'comfort'];
        yield 'an owner\'s wish does not' => [CoatType::Curly, 'back: 16/10', 'back: 5F @owner_wish', Verdict::Fits, 'Fits'];
        yield 'a double coat' => [CoatType::LongDouble, 'back: 10', '', Verdict::MustNot, 'not clipped by default'];
        yield 'its hygiene' => [CoatType::LongDouble, 'under_tail_ring: 10', '', Verdict::Fits, 'Fits'];
        yield 'a wire coat that is pulled' => [CoatType::Wire, 'back: 10', 'back: strip 28', Verdict::MustNot, 'pulled by hand'];
        yield 'scissors on a double coat' => [CoatType::LongDouble, 'breeches.l: scissor 50', 'breeches.l: scissor 45', Verdict::Fits, 'Fits'];
        yield 'cords' => [CoatType::Corded, 'back: 7F', '', Verdict::MustNot, 'Cords'];
        yield 'no hair' => [CoatType::Hairless, 'back: 7F', '', Verdict::MustNot, 'no hair'];
        yield 'slow hair' => [CoatType::SlowFineLong, 'back: 7F', '', Verdict::MustNot, 'months'];
        yield 'slow hair, by hand, far shorter' => [CoatType::SlowFineLong, 'ribs.l: scissor 10', '', Verdict::AgreeFirst, 'agree'];
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
        self::assertSame('nothing in reach', self::fit(CoatType::Curly, 'back: 13/10', '', 55.0, new KitMatch([]))->instead);
    }

    public function testTheDogsMotorAndNoteStay(): void
    {
        $fit = self::fit(CoatType::Curly, 'back: 16/10', 'back: 13/10 %"quiet motor" #"slow over the hip"', 55.0);
        self::assertSame(['quiet motor', 'slow over the hip', 16_000], [$fit->way->clipper, $fit->way->note, $fit->way->guard]);
        self::assertSame(3.0, $fit->toArray()['difference_mm']);
    }

    public function testNothingIsClippedUnaskedOnADoubleCoat(): void
    {
        $this->forAll(Generators::elements(CoatType::ShortDouble, CoatType::LongDouble), Generators::elements(ZoneTable::ids()), Generators::elements('10', '7F', '16/10', '25/30'))->then(static function (CoatType $coat, string $zone, string $tool): void {
            $way = Notation::parse("back: $tool")->plan['back'];
            $fit = (new FitRule($coat, CoatStage::Adult, false, (new GrowthRule())->learn($coat), new LengthRule()))->zone(Zone::of($zone), $way, null, Length::ofMillimetres(60));
            self::assertSame(\in_array(Zone::of($zone)->group, ['sanitary', 'feet'], true), $fit->verdict->isTaken(), "$zone: {$fit->why}");
            self::assertNotSame('', $fit->why);
        });
    }

    private static function fit(CoatType $coat, string $pattern, string $own, float $carried, ?KitMatch $kit = null): Fit
    {
        $parsed = Notation::parse($pattern);
        self::assertSame([], $parsed->faults);
        $zone = array_key_first($parsed->plan) ?? throw new \LogicException('A pattern has a zone.');

        return (new FitRule($coat, CoatStage::Adult, CoatType::Wire === $coat, (new GrowthRule())->learn($coat), new LengthRule(), $kit))
            ->zone(Zone::of($zone), $parsed->plan[$zone], Notation::parse($own)->plan[$zone] ?? null, Length::ofMillimetres($carried));
    }
}
