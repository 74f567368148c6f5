<?php

/** Shapes of text, words and days. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

use KeenThistle\Core\Say\Say;

trait TextShapes
{
    public static function text(int $min = 0, int $max = 200): self
    {
        return new self(['type' => 'string', 'minLength' => $min, 'maxLength' => $max], static function (
            mixed $value,
            string $path,
        ) use ($min, $max): string {
            if (!\is_string($value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_text'));
            }
            if (1 === preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_text_without_control_characters'));
            }
            $length = mb_strlen($value);
            if ($length < $min || $length > $max) {
                throw InvalidInput::at($path, Say::it('input.must_be_to_characters_long', $min, $max));
            }

            return $value;
        });
    }

    /**
     * One line of text: not only spaces where something is wanted, no control characters. Markup and emoji are just
     * text.
     */
    public static function line(int $min = 0, int $max = 200): self
    {
        $text = self::text($min, $max);

        return new self($text->schema, static function (mixed $value, string $path) use ($text, $min): string {
            if (\is_string($value) && 1 === preg_match('/[\x00-\x1F\x7F]/', $value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_one_line_of_text'));
            }
            $line = $text->read($value, $path);
            \assert(\is_string($line));
            if ($min > 0 && '' === trim($line)) {
                throw InvalidInput::at($path, Say::it('input.must_not_be_empty'));
            }

            return $line;
        });
    }

    /** @param list<string> $allowed */
    public static function choice(array $allowed, string $what = 'value'): self
    {
        return new self(['type' => 'string', 'enum' => $allowed], static function (mixed $value, string $path) use (
            $allowed,
            $what,
        ): string {
            if (!\is_string($value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_text_a_known', $what, implode(', ', $allowed)));
            }
            if (!\in_array($value, $allowed, true)) {
                throw InvalidInput::notOneOf($path, $value, $allowed, $what);
            }

            return $value;
        });
    }

    /** @param class-string<\BackedEnum> $enum */
    public static function enum(string $enum, string $what): self
    {
        return self::choice(
            array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()),
            $what,
        );
    }

    /** An ISO 8601 calendar date from 1990 on: 2026-03-31. */
    public static function date(): self
    {
        return new self(['type' => 'string', 'format' => 'date'], static function (
            mixed $value,
            string $path,
        ): \DateTimeImmutable {
            // Looked at before it is parsed: a NUL in it would throw there.
            $date =
                \is_string($value) && 1 === preg_match('/^\d{4}-\d{2}-\d{2}$/D', $value)
                    ? \DateTimeImmutable::createFromFormat('!Y-m-d', $value, new \DateTimeZone('UTC'))
                    : false;
            if (false === $date || $date->format('Y-m-d') !== $value) {
                throw InvalidInput::at($path, Say::it('input.must_be_a_date_such_as'));
            }
            if ($date->format('Y') < '1990' || $date->format('Y') > '2200') {
                throw InvalidInput::at($path, Say::it('input.must_be_a_date_from_1990'));
            }

            return $date;
        });
    }

    /** A time of the day: 09:30. Read as minutes from midnight. */
    public static function time(): self
    {
        $pattern = '([01]\\d|2[0-3]):[0-5]\\d';

        return new self(['type' => 'string', 'pattern' => "^$pattern$"], static function (
            mixed $value,
            string $path,
        ) use ($pattern): int {
            if (!\is_string($value) || 1 !== preg_match("/^$pattern$/D", $value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_a_time_such_as'));
            }

            return 60 * (int) substr($value, 0, 2) + (int) substr($value, 3);
        });
    }
}
