<?php

/** What an input shape accepts and refuses, and that the schema it publishes agrees with what it reads. */

declare(strict_types=1);

namespace KeenThistle\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Coat\CoatType;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InputTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{Shape, string, string}> shape, JSON that it refuses, part of the message */
    public static function refused(): iterable
    {
        $number = Shape::number(0, 400, 'mm');
        yield 'a number as text' => [$number, '"12"', 'must be a number (mm)'];
        yield 'negative' => [$number, '-0.001', 'between 0 and 400 mm'];
        yield 'too large' => [$number, '400.001', 'between 0 and 400 mm'];
        yield 'infinite' => [$number, '1e999', 'between 0 and 400 mm'];
        yield 'true for a number' => [$number, 'true', 'must be a number'];
        yield 'null for a number' => [$number, 'null', 'must be a number'];
        yield 'nothing where more than nothing is needed' => [
            Shape::number(0, 260, 'weeks', true),
            '0',
            'must be more than 0',
        ];
        yield 'half an integer' => [Shape::integer(1, 8), '1.5', 'whole number from 1 to 8'];
        yield 'too many' => [Shape::integer(1, 8), '9', 'between 1 and 8'];
        yield 'one for true' => [Shape::boolean(), '1', 'must be true or false'];
        yield 'a number for text' => [Shape::text(1, 5), '5', 'must be text'];
        yield 'empty text' => [Shape::text(1, 5), '""', '1 to 5 characters'];
        yield 'long text' => [Shape::text(1, 5), '"sixsix"', '1 to 5 characters'];
        yield 'only spaces' => [Shape::line(1, 9), '"   "', 'must not be empty'];
        yield 'two lines' => [Shape::line(1, 9), '"a\nb"', 'one line'];
        yield 'a null byte' => [Shape::line(1, 9), '"a\u0000b"', 'one line'];
        yield 'grams' => [Shape::kilograms(), '9000', 'did you mean 9 kg?'];
        yield 'no weight at all' => [Shape::kilograms(), '0', 'between 0.3 and 120 kg'];
        yield 'tons' => [Shape::kilograms(), '9000000', 'between 0.3 and 120 kg'];
        yield 'near a known word' => [Shape::enum(CoatType::class, 'coat'), '"curley"', 'did you mean "curly"'];
        yield 'far from any' => [Shape::enum(CoatType::class, 'coat'), '"<script>"', 'smooth'];
        yield 'another case' => [Shape::choice(['with', 'across']), '"With"', 'with'];
        yield 'a list for a word' => [Shape::choice(['with']), '["with"]', 'must be text'];
        yield 'a date that is none' => [Shape::date(), '"2026-02-30"', 'such as 2026-03-31'];
        yield 'a date with a time' => [Shape::date(), '"2026-02-01T10:00:00Z"', 'such as 2026-03-31'];
        yield 'long ago' => [Shape::date(), '"1900-01-01"', '1990'];
        yield 'an object for a list' => [Shape::list($number), '{}', 'must be a list'];
        yield 'too few' => [Shape::list($number, 1, 3), '[]', 'must hold 1 to 3 entries'];
        yield 'too many entries' => [Shape::list($number, 1, 3), '[1,2,3,4]', 'must hold 1 to 3 entries'];
        yield 'a list for an object' => [Shape::object(['mm' => $number]), '[]', 'must be a JSON object'];
        yield 'text for an object' => [Shape::object(['mm' => $number]), '"mm"', 'must be a JSON object'];
        yield 'an unknown field' => [
            Shape::object(['finished_mm' => $number]),
            '{"finshed_mm":3}',
            'did you mean "finished_mm"',
        ];
        yield 'a missing field' => [Shape::object(['mm' => $number->required()]), '{}', 'is required: mm'];
    }

    #[DataProvider('refused')]
    public function testRefusalsSayWhatIsAllowedAndTheSchemaRefusesThemToo(
        Shape $shape,
        string $json,
        string $says,
    ): void {
        $value = json_decode($json, false, 8, \JSON_THROW_ON_ERROR);
        try {
            $shape->read($value, 'it');
            self::fail("$json was accepted");
        } catch (InvalidInput $e) {
            self::assertStringContainsStringIgnoringCase($says, $e->getMessage());
            self::assertStringStartsWith('it', $e->field);
        }
        // What only words can say (one line, grams, a day that exists, a span of years) is left to the reader.
        if (1 !== preg_match('/one line|empty|1990/', $says)) {
            self::assertFalse(self::fits($shape, $value), 'the published schema accepts it');
        }
    }

    public function testEveryRefusalIsNamedAtOnceWithItsPath(): void
    {
        $shape = Shape::object([
            'zones' => Shape::list(
                Shape::object(['mm' => Shape::number(0, 400)->required(), 'lay' => Shape::choice(['with'])]),
            ),
            'kg' => Shape::kilograms(),
        ]);
        try {
            $shape->read(json_decode('{"zones":[{"mm":1},{"mm":-1,"lay":"up"},{}],"kg":500,"more":1}'));
            self::fail('accepted');
        } catch (InvalidInput $e) {
            $fields = array_column($e->all(), 'field');
            sort($fields);
            self::assertSame(
                ['kg', 'more', 'zones[1].lay', 'zones[1].mm'],
                array_values(array_diff($fields, ['zones[2].mm'])),
            );
        }
    }

    public function testDefaultsAndNullsAreWhatTheySay(): void
    {
        $shape = Shape::object([
            'lay' => Shape::choice(['with', 'against'])->default('with'),
            'mm' => Shape::number(0, 9)->nullable(),
            'on' => Shape::date()->nullable(),
            'list' => Shape::list(Shape::text())->default([]),
            'yes' => Shape::boolean()->default(true),
        ]);
        $absent = $shape->fields(new \stdClass(), 'at');
        self::assertSame(
            ['with', null, null, [], true],
            [
                $absent->text('lay'),
                $absent->floatOrNull('mm'),
                $absent->dateOrNull('on'),
                $absent->texts('list'),
                $absent->bool('yes'),
            ],
        );
        $null = $shape->fields(json_decode('{"mm":null,"on":"2026-11-25"}'));
        self::assertNull($null->floatOrNull('mm'));
        self::assertSame('2026-11-25', $null->dateOrNull('on')?->format('Y-m-d'));
        self::assertFalse($null->has('mm'));
        self::assertSame('at.mm', $absent->pathOf('mm'));
    }

    public function testAskingForATypeThatWasNotPromisedIsAMistakeInTheProgram(): void
    {
        $fields = Shape::object(['n' => Shape::text(), 'o' => Shape::object([])])->fields(
            json_decode('{"n":"x","o":{}}'),
        );
        self::assertSame('x', $fields->text('n'));
        self::assertNotNull($fields->objectOrNull('o'));
        $wrong = [
            static fn (): mixed => $fields->float('n'),
            static fn (): mixed => $fields->int('n'),
            static fn (): mixed => $fields->bool('n'),
            static fn (): mixed => $fields->dateOrNull('n'),
            static fn (): mixed => $fields->object('n'),
            static fn (): mixed => $fields->objects('n'),
            static fn (): mixed => $fields->texts('n'),
            static fn (): mixed => $fields->text('missing'),
        ];
        foreach ($wrong as $i => $ask) {
            try {
                $ask();
                self::fail("$i was answered");
            } catch (\LogicException $e) {
                self::assertStringContainsString('was not read with this type', $e->getMessage());
            }
        }
    }

    public function testReaderAndSchemaAgreeOnNumbers(): void
    {
        $this->limitTo(300);
        $this->forAll(Generators::float(), Generators::choose(-500, 500))->then(static function (
            float $float,
            int $int,
        ): void {
            $open = Shape::number(0, 100, '', true)->nullable();
            foreach ([Shape::number(0, 400, 'mm'), Shape::integer(-20, 300), $open] as $shape) {
                foreach ([$float, $int, (float) $int] as $value) {
                    try {
                        $shape->read($value);
                        $read = true;
                    } catch (InvalidInput) {
                        $read = false;
                    }
                    self::assertSame(
                        $read,
                        self::fits($shape, $value),
                        json_encode($value).' '.json_encode($shape->toJsonSchema()),
                    );
                }
            }
        });
    }

    public function testWhateverTextComesItIsKeptOrRefusedNeverChanged(): void
    {
        $this->limitTo(300);
        $this->forAll(Generators::string())->then(static function (string $text): void {
            $text = mb_scrub($text);
            try {
                self::assertSame($text, Shape::line(0, 40)->read($text));
            } catch (InvalidInput $e) {
                self::assertMatchesRegularExpression('/one line|characters/', $e->getMessage());
            }
        });
    }

    private static function fits(Shape $shape, mixed $value): bool
    {
        $schema = json_decode(
            json_encode($shape->toJsonSchema(), \JSON_THROW_ON_ERROR),
            false,
            32,
            \JSON_THROW_ON_ERROR,
        );
        self::assertIsObject($schema);

        return (new Validator())->validate($value, $schema)->isValid();
    }
}
