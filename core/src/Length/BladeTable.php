<?php

/** What each bare blade leaves, by the label a groomer says. */

declare(strict_types=1);

namespace KeenThistle\Core\Length;

use KeenThistle\Core\Input\InvalidInput;
use KeenThistle\Core\Measure\Length;

/** Residual length with the lay in µm; numbers run backwards, F is a full tooth, the plain 3 to 7 skip teeth. */
final class BladeTable
{
    private const RESIDUAL_UM = [
        '50' => 200,
        '40' => 250,
        '30' => 500,
        '15' => 1200,
        '10' => 1500,
        '9' => 2000,
        '8.5' => 2800,
        '7' => 3200,
        '7F' => 3200,
        '6F' => 4800,
        '5' => 6300,
        '5F' => 6300,
        '4' => 9500,
        '4F' => 9500,
        '3.75F' => 11000,
        '3' => 13000,
        '3F' => 13000,
        'toe' => 800,
    ];
    private const SKIP_TOOTH = ['7', '5', '4', '3'];
    public const GUARD_BASES = ['10', '15', '30', '40'];
    public const REFERENCE_BASE = '30';

    private function __construct()
    {
    }

    /** @return list<string> */
    public static function labels(): array
    {
        return array_map(strval(...), array_keys(self::RESIDUAL_UM));
    }

    /** @throws InvalidInput naming the nearest label */
    public static function residual(string $label, string $field = 'tool.label'): Length
    {
        return Length::ofMicrometres(
            self::RESIDUAL_UM[$label] ?? throw InvalidInput::notOneOf($field, $label, self::labels(), 'blade'),
        );
    }

    public static function isSkipTooth(string $label): bool
    {
        return \in_array($label, self::SKIP_TOOTH, true);
    }

    public static function isGuardBase(string $label): bool
    {
        return \in_array($label, self::GUARD_BASES, true);
    }
}
