<?php

/** A recipe comes in, goes to the database and the log, and comes back the same, whatever it is. */

declare(strict_types=1);

namespace KeenThistle\Tests\Unit;

use Eris\Generators;
use Eris\TestTrait;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Recipe\RecipeCodec;
use KeenThistle\Recipe\ZoneRecipe;
use PHPUnit\Framework\TestCase;

final class RecipeTest extends TestCase
{
    use TestTrait;

    /** @param array<string, mixed> $body */
    private static function read(array $body): ZoneRecipe
    {
        return RecipeCodec::read(
            RecipeCodec::shape()->fields(
                json_decode(json_encode($body, \JSON_THROW_ON_ERROR), false, 16, \JSON_THROW_ON_ERROR),
            ),
            Zone::of('back'),
        );
    }

    public function testWhateverRecipeComesBackTheSame(): void
    {
        $this->limitTo(300);
        $this->forAll(
            Generators::elements(Method::cases()),
            Generators::elements(BladeTable::labels()),
            Generators::elements(BladeTable::GUARD_BASES),
            Generators::elements(Lay::cases()),
            Generators::choose(5, 4000),
            Generators::elements(['', ...Way::REASONS]),
            Generators::elements(['', ...Way::STOPS]),
            Generators::elements([true, false]),
        )->then(static function (
            Method $method,
            string $blade,
            string $base,
            Lay $lay,
            int $tenths,
            string $reason,
            string $stop,
            bool $exception,
        ): void {
            $body = [
                'method' => $method->value,
                'lay' => $lay->value,
                'reason' => '' === $reason ? null : $reason,
                'stop_line' => '' === $stop ? null : $stop,
                'exception' => $exception,
                'note' => 'a "note" <b> 🐾',
            ];
            if (Method::Guard === $method) {
                $body['tool'] = ['kind' => 'guard', 'mm' => $tenths / 10, 'base' => $base];
            } elseif ($method->hasToolLength()) {
                $body['tool'] = ['kind' => 'blade', 'label' => $blade];
            } else {
                unset($body['lay']);
                $body['entered_mm'] = $tenths / 10;
            }
            $recipe = self::read($body);
            $again = RecipeCodec::fromArray(RecipeCodec::toArray($recipe));
            self::assertSame(get_object_vars($recipe), get_object_vars($again));
            self::assertSame($recipe->forRules()->tool->words(), $again->forRules()->tool->words());
            self::assertSame($method, $again->method);
            $prefixed = [];
            foreach (RecipeCodec::toArray($recipe) as $column => $value) {
                $prefixed["planned_$column"] = \is_int($value) ? (string) $value : $value;
            }
            self::assertSame(
                get_object_vars($recipe),
                get_object_vars(RecipeCodec::fromArray($prefixed, 'planned_')),
                'as the database gives it: numbers as text, columns with a prefix',
            );
        });
    }

    public function testNothingIsNothing(): void
    {
        self::assertSame(
            get_object_vars(new ZoneRecipe()),
            get_object_vars(RecipeCodec::fromArray(array_fill_keys(array_keys(RecipeCodec::COLUMNS), null))),
        );
        $columns = array_keys(RecipeCodec::toArray(new ZoneRecipe()));
        self::assertEqualsCanonicalizing(array_keys(RecipeCodec::COLUMNS), $columns);
    }

    public function testWhatCannotBePlannedSaysWhy(): void
    {
        $wrong = [
            'tool' => ['method' => 'guard'],
            'tool.base' => ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 16, 'base' => '7']],
            'tool.label' => ['method' => 'clip', 'tool' => ['kind' => 'blade', 'label' => '11']],
            'entered_mm' => ['method' => 'scissor', 'entered_mm' => 401],
            'method' => ['method' => 'shave'],
        ];
        foreach ($wrong as $field => $body) {
            try {
                self::read($body);
                self::fail("$field was accepted");
            } catch (InvalidInput $e) {
                self::assertStringContainsString($field, implode(' ', array_column($e->all(), 'field')));
            }
        }
    }
}
