<?php

/** Currencies that a salon may count in: those of today whose hundredth part is the smallest. */

declare(strict_types=1);

namespace KeenThistle\People;

use KeenThistle\Core\Input\Shape;

final class Currencies
{
    private const CODES = [
        'AUD', 'BGN', 'BRL', 'CAD', 'CHF', 'CZK', 'DKK', 'EUR', 'GBP', 'HKD', 'HUF', 'ILS', 'INR', 'MXN', 'NOK', 'NZD',
        'PLN', 'RON', 'SEK', 'SGD', 'TRY', 'USD', 'ZAR',
    ];

    private function __construct()
    {
    }

    public static function shape(): Shape
    {
        return Shape::choice(self::CODES, 'currency');
    }

    /** @return list<array{id: string, label: string}> by name */
    public static function named(): array
    {
        $all = array_map(
            static fn (string $code): array => ['id' => $code, 'label' => self::name($code)." ($code)"],
            self::CODES,
        );
        usort($all, static fn (array $a, array $b): int => $a['label'] <=> $b['label']);

        return $all;
    }

    private static function name(string $code): string
    {
        $all = \ResourceBundle::create('en', 'ICUDATA-curr', true)?->get('Currencies');
        $one = $all instanceof \ResourceBundle ? $all->get($code) : null;
        $name = $one instanceof \ResourceBundle ? $one->get(1) : null;

        return \is_string($name) ? $name : $code;
    }
}
