<?php

/** Describes what an input looks like, once: the same description reads the input and prints its JSON Schema. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

/**
 * A declarative input shape. Values are what json_decode() gives with objects as stdClass.
 */
final readonly class Shape
{
    /**
     * @param array<string, mixed> $schema JSON Schema keywords of this node
     * @param \Closure(mixed, string): mixed $reader
     */
    private function __construct(
        private array $schema,
        private \Closure $reader,
        private bool $isRequired = false,
        private mixed $fallback = null,
        private bool $isNullable = false,
    ) {
    }

    /** @param array<string, self> $fields */
    public static function object(array $fields): self
    {
        $properties = array_map(static fn (self $s): array => $s->toJsonSchema(), $fields);
        $required = array_keys(array_filter($fields, static fn (self $s): bool => $s->isRequired));
        $schema = [
            'type' => 'object',
            'properties' => [] === $properties ? new \stdClass() : $properties,
            'additionalProperties' => false,
        ];
        if ([] !== $required) {
            $schema['required'] = $required;
        }

        return new self($schema, static function (mixed $value, string $path) use ($fields): Fields {
            if (!$value instanceof \stdClass) {
                throw InvalidInput::at('' === $path ? 'input' : $path, 'must be a JSON object');
            }
            $given = get_object_vars($value);
            $refused = [];
            foreach (array_keys($given) as $name) {
                if (!isset($fields[$name])) {
                    $refused[] = InvalidInput::notOneOf(
                        self::join($path, (string) $name),
                        (string) $name,
                        array_keys($fields),
                        'field',
                    );
                }
            }
            $read = [];
            foreach ($fields as $name => $shape) {
                $at = self::join($path, $name);
                try {
                    $read[$name] = \array_key_exists($name, $given)
                        ? $shape->read($given[$name], $at)
                        : $shape->absent($at);
                } catch (InvalidInput $e) {
                    $refused[] = $e;
                }
            }
            if ([] !== $refused) {
                throw InvalidInput::several($refused);
            }

            return new Fields($read, $path);
        });
    }

    public static function list(self $item, int $min = 0, int $max = 1000): self
    {
        return new self(
            ['type' => 'array', 'items' => $item->toJsonSchema(), 'minItems' => $min, 'maxItems' => $max],
            static function (mixed $value, string $path) use ($item, $min, $max): array {
                if (!\is_array($value) || !array_is_list($value)) {
                    throw InvalidInput::at($path, 'must be a list');
                }
                if (\count($value) < $min || \count($value) > $max) {
                    throw InvalidInput::at($path, "must hold $min to $max entries");
                }
                $out = [];
                foreach ($value as $i => $entry) {
                    $out[] = $item->read($entry, $path."[$i]");
                }

                return $out;
            },
        );
    }

    /** A finite number from $min (excluded when $above) to $max. */
    public static function number(float $min, float $max, string $unit = '', bool $above = false): self
    {
        return new self(
            ['type' => 'number', $above ? 'exclusiveMinimum' : 'minimum' => $min, 'maximum' => $max] +
                ('' === $unit ? [] : ['description' => $unit]),
            static function (mixed $value, string $path) use ($min, $max, $unit, $above): float {
                if (!\is_int($value) && !\is_float($value)) {
                    throw InvalidInput::at($path, trim('must be a number '.('' === $unit ? '' : "($unit)")));
                }
                $value = (float) $value;
                if (!is_finite($value) || $value < $min || $value > $max) {
                    throw InvalidInput::outside($path, $min, $max, $unit);
                }
                if ($above && $value <= $min) {
                    throw InvalidInput::at($path, trim("must be more than $min and at most $max $unit"));
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
                throw InvalidInput::at($path, "must be a whole number from $min to $max");
            }
            if ($value < $min || $value > $max) {
                throw InvalidInput::outside($path, $min, $max);
            }

            return $value;
        });
    }

    public static function boolean(): self
    {
        return new self(['type' => 'boolean'], static function (mixed $value, string $path): bool {
            if (!\is_bool($value)) {
                throw InvalidInput::at($path, 'must be true or false');
            }

            return $value;
        });
    }

    public static function text(int $min = 0, int $max = 200): self
    {
        return new self(['type' => 'string', 'minLength' => $min, 'maxLength' => $max], static function (
            mixed $value,
            string $path,
        ) use ($min, $max): string {
            if (!\is_string($value)) {
                throw InvalidInput::at($path, 'must be text');
            }
            if (1 === preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value)) {
                throw InvalidInput::at($path, 'must be text without control characters');
            }
            $length = mb_strlen($value);
            if ($length < $min || $length > $max) {
                throw InvalidInput::at($path, "must be $min to $max characters long");
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
                throw InvalidInput::at($path, 'must be one line of text');
            }
            $line = $text->read($value, $path);
            \assert(\is_string($line));
            if ($min > 0 && '' === trim($line)) {
                throw InvalidInput::at($path, 'must not be empty');
            }

            return $line;
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
                    \sprintf(
                        'must be between 0.3 and 120 kg; %s looks like grams, did you mean %s kg?',
                        $value,
                        round($value / 1000, 1),
                    ),
                );
            }

            return $number->read($value, $path);
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
                throw InvalidInput::at($path, "must be text, a known $what: ".implode(', ', $allowed));
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
                throw InvalidInput::at($path, 'must be a date such as 2026-03-31');
            }
            if ($date->format('Y') < '1990' || $date->format('Y') > '2200') {
                throw InvalidInput::at($path, 'must be a date from 1990 to 2200');
            }

            return $date;
        });
    }

    public function required(): self
    {
        return new self($this->schema, $this->reader, true, null, $this->isNullable);
    }

    public function default(mixed $value): self
    {
        $schema = \is_scalar($value) ? $this->schema + ['default' => $value] : $this->schema;

        return new self($schema, $this->reader, false, $value, $this->isNullable);
    }

    public function nullable(): self
    {
        $schema = $this->schema;
        if (isset($schema['type']) && \is_string($schema['type'])) {
            $schema['type'] = [$schema['type'], 'null'];
        }
        if (isset($schema['enum']) && \is_array($schema['enum'])) {
            $schema['enum'][] = null;
        }

        return new self($schema, $this->reader, $this->isRequired, $this->fallback, true);
    }

    public function describe(string $text): self
    {
        return new self(
            ['description' => $text] + $this->schema,
            $this->reader,
            $this->isRequired,
            $this->fallback,
            $this->isNullable,
        );
    }

    /** @throws InvalidInput naming the field path and what is allowed there */
    public function read(mixed $value, string $path = ''): mixed
    {
        if (null === $value && $this->isNullable) {
            return null;
        }

        return ($this->reader)($value, $path);
    }

    /** Reads an object shape. @throws InvalidInput */
    public function fields(mixed $value, string $path = ''): Fields
    {
        $read = $this->read($value, $path);
        if (!$read instanceof Fields) {
            throw new \LogicException('This shape does not describe an object.');
        }

        return $read;
    }

    /** @return array<string, mixed> */
    public function toJsonSchema(): array
    {
        return $this->schema;
    }

    private function absent(string $path): mixed
    {
        if ($this->isRequired) {
            $hint = $this->schema['description'] ?? null;
            if (!\is_string($hint)) {
                $type = $this->schema['type'] ?? 'value';
                $hint = \is_string($type) ? $type : 'value';
            }
            throw InvalidInput::missing($path, $hint);
        }

        return $this->fallback;
    }

    private static function join(string $path, string $name): string
    {
        return '' === $path ? $name : "$path.$name";
    }
}
