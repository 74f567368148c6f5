<?php

/** Tools that most salons have, to be ticked: the blades of the table, guards by their marks, what a hand holds. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;

/**
 * @phpstan-type Listed array{id: string, kind: string, label: string, mm: float|null}
 */
final class Catalogue
{
    private const GUARDS_MM = [3, 6, 10, 13, 16, 19, 20, 22, 25, 30];
    private const HELD = [
        'trimmer' => 'small trimmer',
        'clipper' => 'clipper',
        'shears' => 'long straight shears',
        'thinning_shears' => 'thinning shears',
        'rake' => 'undercoat rake',
        'knife' => 'stripping knife',
    ];

    private function __construct()
    {
    }

    /** @return list<Listed> shortest first within a kind */
    public static function all(): array
    {
        $out = [];
        foreach (BladeTable::labels() as $label) {
            $mm = BladeTable::residual($label)->micrometres() / 1000;
            $out[] = ['id' => "blade $label", 'kind' => 'blade', 'label' => $label, 'mm' => $mm];
        }
        foreach (self::GUARDS_MM as $mm) {
            $out[] = ['id' => "guard $mm", 'kind' => 'guard', 'label' => "$mm mm guard", 'mm' => (float) $mm];
        }
        foreach (self::HELD as $kind => $label) {
            $out[] = ['id' => $kind, 'kind' => $kind, 'label' => $label, 'mm' => null];
        }

        return $out;
    }

    /** @throws InvalidInput for what is not listed */
    public static function tool(string $id, string $place, string $field): NewTool
    {
        foreach (self::all() as $one) {
            if ($id === $one['id']) {
                return new NewTool($one['kind'], $one['label'], $place, 'guard' === $one['kind'] ? $one['mm'] : null);
            }
        }
        throw InvalidInput::at($field, 'is not in the catalogue');
    }
}
