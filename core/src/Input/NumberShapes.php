<?php

/** Shapes of numbers. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

use KeenThistle\Core\Say\Say;

trait NumberShapes
{
    /** A finite number from $min (excluded when $above) to $max. */
    public static function number(float $min, float $max, string $unit = '', bool $above = false): self
    {
        return new self(
            ['type' => 'number', $above ? 'exclusiveMinimum' : 'minimum' => $min, 'maximum' => $max] +
                ('' === $unit ? [] : ['description' => $unit]),
            static function (mixed $value, string $path) use ($min, $max, $unit, $above): float {
                if (!\is_int($value) && !\is_float($value)) {
                    throw InvalidInput::at(
                        $path,
                        Say::it('' === $unit ? 'input.must_be_a_number' : 'input.must_be_a_number_of', $unit),
                    );
                }
                $value = (float) $value;
                if (!is_finite($value) || $value < $min || $value > $max) {
                    throw InvalidInput::outside($path, $min, $max, $unit);
                }
                if ($above && $value <= $min) {
                    throw InvalidInput::at($path, trim(Say::it('input.must_be_more_than', $min, $max, $unit)));
                }

                return $value;
            },
        );
    }

    public static function integer(int $min, int $max): self
    {
        return new self(['type' => 'integer', 'minimum' => $min, 'maximum' => $max], static function (
            mixed $value,
            string $path,
        ) use ($min, $max): int {
            if (\is_float($value) && floor($value) === $value && abs($value) < 1e9) {
                $value = (int) $value;
            }
            if (!\is_int($value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_a_whole_number_from', $min, $max));
            }
            if ($value < $min || $value > $max) {
                throw InvalidInput::outside($path, $min, $max);
            }

            return $value;
        });
    }

    /** A dog's weight, 0.3 to 120 kg; a weight that looks like grams is asked about. */
    public static function kilograms(): self
    {
        $number = self::number(0.3, 120, 'kg');

        return new self($number->schema, static function (mixed $value, string $path) use ($number): mixed {
            if ((\is_int($value) || \is_float($value)) && $value > 120 && $value <= 120_000) {
                throw InvalidInput::at(
                    $path,
                    Say::it('input.must_be_between_0_3_and', $value, round($value / 1000, 1)),
                );
            }

            return $number->read($value, $path);
        });
    }
}
