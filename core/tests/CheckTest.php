<?php

/** What the hands-on check stops, refers and asks about; never with a diagnosis. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use KeenThistle\Core\Check\CheckRule;
use KeenThistle\Core\Check\Findings;
use KeenThistle\Core\Check\HandsOn;
use KeenThistle\Core\Handling\Tail;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Reason\Caution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CheckTest extends TestCase
{
    private static function check(string $json, ?float $kgBefore = null, int $dewclaws = 2, bool $asks = true): Findings
    {
        return (new CheckRule())->findings(
            HandsOn::shape()->fields(json_decode($json, false, 16, \JSON_THROW_ON_ERROR)),
            $kgBefore,
            $dewclaws,
            $asks,
        );
    }

    /** @return list<string> */
    private static function codes(Findings $f): array
    {
        return array_map(static fn (Caution $c): string => $c->code, $f->cautions);
    }

    public function testAnEmptyCheckFindsNothing(): void
    {
        $f = self::check('{}');
        self::assertSame([false, false, [], []], [$f->stop, $f->refer, $f->cautions, $f->questions]);
    }

    /** @return iterable<string, array{string, string, bool, bool}> input, code, stops, refers */
    public static function found(): iterable
    {
        yield 'laboured breathing' => ['{"airway":"laboured"}', 'airway_laboured', true, true];
        yield 'noisy breathing' => ['{"airway":"noisy"}', 'airway_noisy', false, true];
        yield 'snoring' => ['{"airway":"snores"}', 'airway_snores', false, false];
        yield 'ring' => ['{"skin":["ring_shaped"]}', 'skin_ring', true, true];
        yield 'wound' => ['{"skin":["wound"]}', 'skin_wound', true, true];
        yield 'hot spot' => ['{"skin":["hot_spot"]}', 'skin_hot_spot', false, true];
        yield 'red' => ['{"skin":["red"]}', 'skin_red', false, true];
        yield 'lump' => ['{"lumps":"left flank, as a pea"}', 'lumps', false, true];
        yield 'lice' => ['{"parasites":"lice"}', 'parasites_passing', true, true];
        yield 'ticks' => ['{"parasites":"ticks"}', 'ticks', false, true];
        yield 'fleas' => ['{"parasites":"fleas"}', 'fleas', false, false];
        yield 'ear' => ['{"ears":{"left":["smell","red"]}}', 'ear_left', false, true];
        yield 'eye' => ['{"eye_red":true}', 'eye_red', false, true];
        yield 'teeth' => ['{"teeth":"loose"}', 'teeth', false, true];
        yield 'lame' => ['{"lameness":"clear"}', 'lame', false, true];
        yield 'stiff' => ['{"lameness":"stiff"}', 'stiff', false, false];
        yield 'torn claw' => ['{"claws":{"hind_left":["fine","torn","fine","fine"]}}', 'claw_torn', false, true];
        yield 'cracked claw' => [
            '{"claws":{"hind_left":["fine","cracked","fine","fine"]}}',
            'claw_cracked',
            false,
            false,
        ];
        yield 'quick near' => [
            '{"claws":{"front_left":["quick_near","fine","fine","fine"]}}',
            'quick_near',
            false,
            false,
        ];
        yield 'no proof' => ['{"vaccination":"expired"}', 'vaccination', false, false];
    }

    #[DataProvider('found')]
    public function testWhatAFindingLeadsTo(string $json, string $code, bool $stops, bool $refers): void
    {
        $f = self::check($json);
        self::assertSame([$code], self::codes($f));
        self::assertSame([$stops, $refers], [$f->stop, $f->refer]);
        $caution = $f->cautions[0];
        self::assertSame($stops ? Caution::DANGER : ($refers ? Caution::CAUTION : Caution::NOTE), $caution->level);
        self::assertSame(
            $refers,
            str_contains($caution->message, ' vet') && !str_contains($caution->message, 'for a vet to say'),
        );
        self::assertDoesNotMatchRegularExpression(
            '/mange|otitis|arthritis|dermatitis|infection|antibiotic|mg|cream/i',
            $caution->message,
            'no diagnosis, no drug',
        );
    }

    public function testWhatStopsStandsFirst(): void
    {
        self::assertSame(
            ['parasites_passing', 'skin_red', 'stiff'],
            self::codes(self::check('{"lameness":"stiff","skin":["red"],"parasites":"lice"}')),
        );
    }

    public function testCleanEarsAreNoFinding(): void
    {
        self::assertSame(
            [],
            self::codes(
                self::check(
                    '{"ears":{"left":["clean"],"right":["wax"]},"teeth":"tartar","skin":["dry"],'.
                        '"parasites":"none","lameness":"none","airway":"quiet"}',
                ),
            ),
        );
    }

    public function testTheVaccinationRuleIsTheSalonsOwn(): void
    {
        self::assertSame([], self::codes(self::check('{"vaccination":"not_shown"}', asks: false)));
        self::assertSame([], self::codes(self::check('{"vaccination":"seen"}')));
    }

    /** @return iterable<string, array{string, string, float|null, int}> */
    public static function contradictions(): iterable
    {
        yield 'weight doubled' => ['{"kg":16}', 'kg', 8.0, 2];
        yield 'weight halved' => ['{"kg":4}', 'kg', 8.0, 2];
        yield 'two claws' => ['{"claws":{"front_left":["fine","fine"]}}', 'claws.front_left', null, 2];
        yield 'a dewclaw too many' => [
            '{"claws":{"hind_left":["fine","fine","fine","fine","long"]}}',
            'claws',
            null,
            0,
        ];
        yield 'clear and red' => ['{"skin":["clear","red"]}', 'skin', null, 2];
        yield 'clean and smelling' => ['{"ears":{"right":["clean","smell"]}}', 'ears.right', null, 2];
        yield 'cut by nobody' => ['{"owner_cut_where":"the face"}', 'owner_cut', null, 2];
    }

    #[DataProvider('contradictions')]
    public function testContradictionsAreAskedAbout(string $json, string $field, ?float $kgBefore, int $dewclaws): void
    {
        self::assertSame([$field], array_column(self::check($json, $kgBefore, $dewclaws)->questions, 'field'));
    }

    public function testAnUsualChangeOfWeightIsNotAskedAbout(): void
    {
        self::assertSame([], self::check('{"kg":9.5}', 8.0)->questions);
        self::assertSame([], self::check('{"kg":9.5}')->questions);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'eleven claws' => [
            '{"claws":{"front_left":["fine","fine","fine","fine","fine","fine","fine","fine","fine","fine","fine"]}}',
            'claws.front_left',
        ];
        yield 'six pads' => ['{"pads":{"front_left":6}}', 'pads.front_left'];
        yield 'a fifth foot' => ['{"pads":{"middle":2}}', 'pads.middle'];
        yield 'grams' => ['{"kg":9000}', 'kg'];
        yield 'a length' => ['{"lengths":{"back":-4}}', 'lengths.back'];
        yield 'a finding of another place' => ['{"skin":["wax"]}', 'skin[0]'];
        yield 'bathed in the future' => ['{"bath_days":-1}', 'bath_days'];
        yield 'unknown' => ['{"diagnosis":"x"}', 'diagnosis'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedAtItsField(string $json, string $field): void
    {
        try {
            self::check($json);
            self::fail('accepted');
        } catch (InvalidInput $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testSkinSeenUnderMats(): void
    {
        self::assertSame([], (new CheckRule())->skinUnder(['chest' => 'fine']));
        $cautions = (new CheckRule())->skinUnder([
            'left armpit' => 'sore',
            'groin' => 'damp',
            'chest' => 'parasites',
            'belly' => 'red',
        ]);
        self::assertSame(
            ['sore_under danger', 'parasites_under danger', 'red_under caution'],
            array_map(static fn (Caution $c): string => "$c->code $c->level", $cautions),
        );
        self::assertStringContainsString(
            'groin, belly',
            (new CheckRule())->skinUnder(['groin' => 'damp', 'belly' => 'red'])[0]->message,
        );
    }

    public function testATailIsNeverLiftedFurtherThanTheDogDoes(): void
    {
        foreach (['up', 'level', 'down'] as $carriage) {
            self::assertStringContainsString('hand at the root', Tail::rule($carriage));
        }
        self::assertStringContainsString('low', Tail::rule('down'));
    }
}
