<?php

/** What a tool leaves by the table, in a base and lay. */

declare(strict_types=1);

namespace KeenThistle\Kit;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Length\BladeTable;
use KeenThistle\Core\Length\Lay;
use KeenThistle\Core\Length\LengthRule;
use KeenThistle\Core\Length\Recipe;
use KeenThistle\Core\Length\Tool;
use KeenThistle\Core\Measure\Length;

final class Expected
{
    private function __construct()
    {
    }

    /** @throws InvalidInput for a tool that leaves no length of its own, a guard without its base */
    public static function length(string $kind, string $label, ?int $nominal, ?string $base, Lay $lay): ?Length
    {
        if (!\in_array($kind, ['blade', 'guard'], true)) {
            throw InvalidInput::at('measured_mm', 'only blades and guards leave a length of their own');
        }
        if ('guard' === $kind && null === $base) {
            throw InvalidInput::at(
                'base',
                'say which base was under the guard: '.implode(', ', BladeTable::GUARD_BASES),
            );
        }
        $tool = 'blade' === $kind
            ? Tool::blade($label)
            : Tool::guard(Length::ofMicrometres($nominal ?? 0), $base ?? '');

        return (new LengthRule())->planned(new Recipe($tool, $lay))->finished;
    }
}
