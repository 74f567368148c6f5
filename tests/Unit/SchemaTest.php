<?php

/** What the API's document says of a response is read off its record. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use KeenThistle\Card\ZoneView;
use KeenThistle\Http\SchemaOf;
use KeenThistle\Http\TypeSchema;
use KeenThistle\Reason\CautionView;
use KeenThistle\Recipe\RecipeView;
use KeenThistle\Recipe\ToolView;
use KeenThistle\Visit\HereView;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchemaTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function types(): iterable
    {
        $ref = ['$ref' => '#CautionView'];
        yield 'plain' => ['string', ['type' => 'string']];
        yield 'or nothing' => ['int|null', ['type' => 'integer', 'nullable' => true]];
        yield 'one of several words' => ["'note'|'danger'", ['type' => 'string', 'enum' => ['note', 'danger']]];
        yield 'a list of records' => ['list<CautionView>', ['type' => 'array', 'items' => $ref]];
        yield 'a record or nothing' => ['CautionView|null', ['oneOf' => [$ref], 'nullable' => true]];
        yield 'by name' => [
            'array<string, float>',
            ['type' => 'object', 'additionalProperties' => ['type' => 'number']],
        ];
        yield 'two kinds' => ['float|string', ['oneOf' => [['type' => 'number'], ['type' => 'string']]]];
        yield 'a shape, a part of which may be left out' => [
            'array{zone: string, day?: string|null}',
            [
                'required' => ['zone'],
                'properties' => ['zone' => ['type' => 'string'], 'day' => ['type' => 'string', 'nullable' => true]],
                'type' => 'object',
            ],
        ];
    }

    /** @param array<string, mixed> $schema */
    #[DataProvider('types')]
    public function testATypeBecomesASchema(string $type, array $schema): void
    {
        $types = new TypeSchema(
            static fn (string $class): string => '#'.(new \ReflectionClass($class))->getShortName(),
            ['CautionView' => CautionView::class],
        );
        self::assertSame($schema, $types->of($type));
    }

    public function testARecordBringsWhatItHoldsAndLeavesOutOnlyWhatItMay(): void
    {
        $records = [];
        foreach ([RecipeView::class, HereView::class, ToolView::class] as $class) {
            $records[(new \ReflectionClass($class))->getShortName()] = $class;
        }
        $schemas = new SchemaOf($records);
        self::assertSame('#/components/schemas/ZoneView', $schemas->ref(ZoneView::class));
        $all = $schemas->all();
        self::assertSame(['HereView', 'RecipeView', 'ToolView', 'ZoneView'], array_keys($all));
        self::assertSame(['method', 'carry', 'exception', 'words'], $all['RecipeView']['required']);
        self::assertIsArray($all['ZoneView']['required']);
        self::assertContains('here', $all['ZoneView']['required'], 'null is said where it is not left out');
    }

    public function testANameThatIsNoRecordIsAnError(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('NobodyView is no record');
        (new TypeSchema(static fn (string $class): string => $class, []))->of('list<NobodyView>');
    }
}
