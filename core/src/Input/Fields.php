<?php

/** The fields of an object that a Shape has read. Exists to hand them out with their types. */

declare(strict_types=1);

namespace KeenThistle\Core\Input;

/** Typed access to checked fields. Asking for a type the Shape did not promise is a programming error. */
final readonly class Fields
{
    /** @param array<string, mixed> $values */
    public function __construct(private array $values, public string $path = '')
    {
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** Whether a field that may be an object or a text is an object. */
    public function isObject(string $name): bool
    {
        return ($this->values[$name] ?? null) instanceof self;
    }

    /** The path of a field of this object, for error messages. */
    public function pathOf(string $name): string
    {
        return '' === $this->path ? $name : $this->path.'.'.$name;
    }

    public function text(string $name): string
    {
        return $this->textOrNull($name) ?? throw self::wrong($name);
    }

    public function textOrNull(string $name): ?string
    {
        $value = $this->values[$name] ?? null;

        return null === $value || \is_string($value) ? $value : throw self::wrong($name);
    }

    public function float(string $name): float
    {
        return $this->floatOrNull($name) ?? throw self::wrong($name);
    }

    public function floatOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return null === $value
            ? null
            : (\is_float($value) || \is_int($value)
                ? (float) $value
                : throw self::wrong($name));
    }

    public function int(string $name): int
    {
        return $this->intOrNull($name) ?? throw self::wrong($name);
    }

    public function intOrNull(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return null === $value || \is_int($value) ? $value : throw self::wrong($name);
    }

    public function bool(string $name): bool
    {
        return $this->boolOrNull($name) ?? throw self::wrong($name);
    }

    public function boolOrNull(string $name): ?bool
    {
        $value = $this->values[$name] ?? null;

        return null === $value || \is_bool($value) ? $value : throw self::wrong($name);
    }

    public function dateOrNull(string $name): ?\DateTimeImmutable
    {
        $value = $this->values[$name] ?? null;

        return null === $value || $value instanceof \DateTimeImmutable ? $value : throw self::wrong($name);
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T
     */
    public function enum(string $name, string $enum): \BackedEnum
    {
        return $enum::from($this->text($name));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function enumOrNull(string $name, string $enum): ?\BackedEnum
    {
        $value = $this->textOrNull($name);

        return null === $value ? null : $enum::from($value);
    }

    public function objectOrNull(string $name): ?self
    {
        $value = $this->values[$name] ?? null;

        return null === $value || $value instanceof self ? $value : throw self::wrong($name);
    }

    public function object(string $name): self
    {
        return $this->objectOrNull($name) ?? throw self::wrong($name);
    }

    /** @return list<self> */
    public function objects(string $name): array
    {
        $out = [];
        foreach ($this->listOf($name) as $value) {
            $out[] = $value instanceof self ? $value : throw self::wrong($name);
        }

        return $out;
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $out = [];
        foreach ($this->listOf($name) as $value) {
            $out[] = \is_string($value) ? $value : throw self::wrong($name);
        }

        return $out;
    }

    /** @return list<float> */
    public function floats(string $name): array
    {
        $out = [];
        foreach ($this->listOf($name) as $value) {
            $out[] = \is_float($value) || \is_int($value) ? (float) $value : throw self::wrong($name);
        }

        return $out;
    }

    /** @return list<int> */
    public function ints(string $name): array
    {
        $out = [];
        foreach ($this->listOf($name) as $value) {
            $out[] = \is_int($value) ? $value : throw self::wrong($name);
        }

        return $out;
    }

    /** @return list<mixed> */
    private function listOf(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return \is_array($value) ? array_values($value) : throw self::wrong($name);
    }

    private static function wrong(string $name): \LogicException
    {
        return new \LogicException("Field \"$name\" was not read with this type.");
    }
}
