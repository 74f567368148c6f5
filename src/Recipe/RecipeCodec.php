<?php

/** The one codec of a zone's recipe: columns and plain arrays for rows and the log, JSON for what forms send. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Input\Shape;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Method;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;
use KeenThistle\Core\Shorthand\Way;
use KeenThistle\Core\Zone\Zone;
use KeenThistle\Salon\Row;

/** In words it says itself (ZoneRecipe::words); a response is a RecipeView, the shorthand's form a Way of the core. */
final class RecipeCodec
{
    /** Column => its type, as plan_zone has it. */
    public const COLUMNS = [
        'method' => 'VARCHAR(10)',
        'tool' => 'VARCHAR(40)',
        'blade' => 'VARCHAR(8)',
        'guard_um' => 'INT',
        'base' => 'VARCHAR(8)',
        'clipper_unit' => 'VARCHAR(60)',
        'lay' => 'VARCHAR(8)',
        'entered_um' => 'INT',
        'stop_line' => 'VARCHAR(20)',
        'shape' => 'VARCHAR(80)',
        'reason' => 'VARCHAR(16)',
        'carry' => 'VARCHAR(16)',
        'exception' => 'TINYINT',
        'note' => 'VARCHAR(300)',
    ];
    private const TEXTS = [
        'tool' => 'tool',
        'blade' => 'blade',
        'base' => 'base',
        'clipper_unit' => 'clipperUnit',
        'stop_line' => 'stopLine',
        'shape' => 'shape',
        'reason' => 'reason',
        'carry' => 'carry',
        'note' => 'note',
    ];

    private function __construct()
    {
    }

    /** @return array<string, mixed> */
    public static function toArray(ZoneRecipe $recipe): array
    {
        $out = [
            'method' => $recipe->method?->value,
            'guard_um' => $recipe->guardUm,
            'lay' => $recipe->lay?->value,
            'entered_um' => $recipe->enteredUm,
            'exception' => $recipe->exception,
        ];
        foreach (self::TEXTS as $column => $property) {
            $out[$column] = $recipe->{$property};
        }

        return $out;
    }

    /** @return array<string, mixed> as columns of a row, each with the prefix; a flag is a number */
    public static function toRow(ZoneRecipe $recipe, string $prefix = ''): array
    {
        $row = [];
        foreach (self::toArray($recipe) as $column => $value) {
            $row[$prefix.$column] = \is_bool($value) ? (int) $value : $value;
        }

        return $row;
    }

    /** @param array<string, mixed> $row as toArray() gives it, each column with the prefix */
    public static function fromArray(array $row, string $prefix = ''): ZoneRecipe
    {
        $recipe = new ZoneRecipe();
        $method = $row[$prefix.'method'] ?? null;
        $recipe->method = \is_string($method) ? Method::from($method) : null;
        $lay = $row[$prefix.'lay'] ?? null;
        $recipe->lay = \is_string($lay) ? Lay::from($lay) : null;
        $recipe->guardUm = Row::int($row[$prefix.'guard_um'] ?? null);
        $recipe->enteredUm = Row::int($row[$prefix.'entered_um'] ?? null);
        $exception = $row[$prefix.'exception'] ?? null;
        $recipe->exception = null === $exception ? null : (bool) $exception;
        foreach (self::TEXTS as $column => $property) {
            $value = $row[$prefix.$column] ?? null;
            $recipe->{$property} = \is_string($value) ? $value : null;
        }

        return $recipe;
    }

    /** As the log keeps it: an object of toArray()'s fields, in text. */
    public static function fromJson(mixed $json): ZoneRecipe
    {
        $fields = [];
        foreach ((array) json_decode(\is_string($json) ? $json : '{}', true) as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return self::fromArray($fields);
    }

    /** @return string its columns in SQL, after a table's alias such as "z." */
    public static function columns(string $table, string $prefix = ''): string
    {
        $columns = array_keys(self::COLUMNS);

        return implode(', ', array_map(static fn (string $c): string => "$table`$prefix$c`", $columns));
    }

    public static function shape(): Shape
    {
        return Shape::object([
            'method' => Shape::enum(Method::class, 'method')->required()->describe('method'),
            'tool' => Tool::shape()->nullable(),
            'clipper_unit' => Shape::text(0, 60)->nullable(),
            'lay' => Shape::enum(Lay::class, 'lay')->default('with'),
            'entered_mm' => Shape::number(0.1, Length::MAX_MM, 'mm, only where no tool gives the length')->nullable(),
            'stop_line' => Shape::choice(['', ...Way::STOPS], 'stop line')->nullable(),
            'shape' => Shape::text(0, 80)->nullable(),
            'reason' => Shape::choice(Way::REASONS, 'reason')->nullable(),
            'carry' => Shape::choice(ZoneRecipe::CARRY, 'carry')->default('repeat'),
            'exception' => Shape::boolean()->default(false),
            'note' => Shape::text(0, 300)->nullable(),
        ]);
    }

    /** @throws InvalidInput when the tool does not fit the method, or a planned guard stands over an illegal base */
    public static function read(Fields $in, Zone $zone, bool $planned = true): ZoneRecipe
    {
        $recipe = new ZoneRecipe();
        $recipe->method = $in->enum('method', Method::class);
        $tool = $in->objectOrNull('tool');
        $tool = null === $tool ? null : Tool::fromFields($tool);
        self::fit($recipe->method, $tool, $in);
        if (null !== $tool && $tool->isBlade()) {
            $recipe->tool = $recipe->blade = $tool->label;
        }
        if (null !== $tool?->set) {
            $recipe->tool = '' === $tool->label ? null : $tool->label;
            $recipe->blade = ZoneRecipe::TRIMMER;
            $recipe->guardUm = $tool->set->micrometres();
        }
        if (null !== $tool && $tool->isGuard()) {
            $recipe->tool = '' === $tool->label ? null : $tool->label;
            $recipe->guardUm = $tool->guard?->micrometres();
            $recipe->base = $tool->base;
        }
        $recipe->lay = $recipe->method->hasToolLength() ? $in->enum('lay', Lay::class) : null;
        $entered = $in->floatOrNull('entered_mm');
        if (null !== $entered) {
            if ($recipe->method->hasToolLength()) {
                throw InvalidInput::at(
                    $in->pathOf('entered_mm'),
                    'is derived from the tool here and cannot be typed; measure the tool in the kit instead',
                );
            }
            $recipe->enteredUm = Length::ofMillimetres($entered, $in->pathOf('entered_mm'))->micrometres();
        }
        $recipe->clipperUnit = self::textOrNull($in, 'clipper_unit');
        $recipe->stopLine = self::textOrNull($in, 'stop_line');
        $recipe->shape = self::textOrNull($in, 'shape');
        $recipe->reason = self::textOrNull($in, 'reason');
        $recipe->note = self::textOrNull($in, 'note');
        $recipe->carry = $in->text('carry');
        $recipe->exception = $in->bool('exception');
        if ($planned) {
            (new LengthRule())->planned($recipe->forRules(), $zone, $in->pathOf('tool'));
        }

        return $recipe;
    }

    private static function fit(Method $method, ?Tool $tool, Fields $in): void
    {
        $wanted = match ($method) {
            Method::Clip, Method::ShaveOut => ['blade', 'trimmer'],
            Method::Guard => ['guard'],
            default => [],
        };
        if ([] === $wanted && null !== $tool && $tool->hasLength()) {
            throw InvalidInput::at(
                $in->pathOf('tool'),
                \sprintf('%s needs no blade, guard or trimmer', str_replace('_', ' ', $method->value)),
            );
        }
        if ([] !== $wanted && !\in_array($tool?->kind, $wanted, true)) {
            throw InvalidInput::at(
                $in->pathOf('tool'),
                ['guard'] !== $wanted ? 'choose the blade' : 'choose the guard and the base blade under it',
            );
        }
    }

    private static function textOrNull(Fields $in, string $name): ?string
    {
        $text = trim($in->textOrNull($name) ?? '');

        return '' === $text ? null : $text;
    }
}
