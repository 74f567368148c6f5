<?php

/** Turns recipes into plain arrays and back: for the log, for undo, and for rows read with SQL. */

declare(strict_types=1);

namespace KeenThistle\Recipe;

use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\Method;
use KeenThistle\Salon\Row;

final class RecipeArray
{
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
    public const COLUMNS = [
        'method',
        'tool',
        'blade',
        'guard_um',
        'base',
        'clipper_unit',
        'lay',
        'entered_um',
        'stop_line',
        'shape',
        'reason',
        'carry',
        'exception',
        'note',
    ];

    private function __construct()
    {
    }

    /** @return array<string, mixed> */
    public static function of(ZoneRecipe $recipe): array
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

    /** @param array<string, mixed> $row columns as of(), each with the prefix */
    public static function recipe(array $row, string $prefix = ''): ZoneRecipe
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

    /** As the log keeps it: an object of of()'s fields, in text. */
    public static function fromJson(mixed $json): ZoneRecipe
    {
        $fields = [];
        foreach ((array) json_decode(\is_string($json) ? $json : '{}', true) as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return self::recipe($fields);
    }

    /** @return string its columns in SQL, after a table's alias such as "z." */
    public static function columns(string $table, string $prefix = ''): string
    {
        return implode(', ', array_map(static fn (string $c): string => "$table`$prefix$c`", self::COLUMNS));
    }
}
