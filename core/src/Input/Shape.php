<?php

/** Describes what an input looks like, once: the same description reads the input and prints its JSON Schema. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

use KeenThistle\Core\Say\Say;

/**
 * A declarative input shape. Values are what json_decode() gives with objects as stdClass.
 */
final readonly class Shape
{
    use NumberShapes;
    use TextShapes;

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
                throw InvalidInput::at('' === $path ? 'input' : $path, Say::it('input.must_be_a_json_object'));
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
                    throw InvalidInput::at($path, Say::it('input.must_be_a_list'));
                }
                if (\count($value) < $min || \count($value) > $max) {
                    throw InvalidInput::at($path, Say::it('input.must_hold_to_entries', $min, $max));
                }
                $out = [];
                foreach ($value as $i => $entry) {
                    $out[] = $item->read($entry, $path."[$i]");
                }

                return $out;
            },
        );
    }

    /** An object, or in its place a text. */
    public static function objectOr(self $object, self $text): self
    {
        return new self(
            ['anyOf' => [$object->toJsonSchema(), $text->toJsonSchema()]],
            static fn (mixed $value, string $path): mixed => $value instanceof \stdClass
                ? $object->read($value, $path)
                : $text->read($value, $path),
        );
    }

    public static function boolean(): self
    {
        return new self(['type' => 'boolean'], static function (mixed $value, string $path): bool {
            if (!\is_bool($value)) {
                throw InvalidInput::at($path, Say::it('input.must_be_true_or_false'));
            }

            return $value;
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
