<?php

/** A record is its own form: what it may hold is read off its constructor, once, for reading and for describing. */

declare(strict_types=1);

namespace KeenThistle\Input;

use KeenThistle\Core\Input\Fields;
use KeenThistle\Core\Input\Shape;

/**
 * A parameter has a Rule where its type does not say enough. One without a default must be given; null is allowed
 * where the type allows it. Dates, flags and other records need no rule. A parameter typed Fields is handed on unread.
 */
final class Form
{
    private function __construct()
    {
    }

    /** @param class-string $record */
    public static function shape(string $record): Shape
    {
        $fields = [];
        foreach (self::parameters($record) as $p) {
            $shape = self::rule($p)?->shape() ?? self::byType($p);
            $says = $p->getAttributes(Says::class)[0] ?? null;
            if (null !== $says) {
                $shape = $shape->describe($says->newInstance()->text);
            }
            if ($p->allowsNull()) {
                $shape = $shape->nullable();
            }
            if (!$p->isDefaultValueAvailable()) {
                $shape = $shape->required();
            } elseif (null !== $p->getDefaultValue()) {
                $default = $p->getDefaultValue();
                $shape = $shape->default($default instanceof \BackedEnum ? $default->value : $default);
            }
            $fields[$p->getName()] = $shape;
        }

        return Shape::object($fields);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $record
     *
     * @return T
     */
    public static function make(string $record, Fields $in): object
    {
        $values = [];
        foreach (self::parameters($record) as $p) {
            $values[$p->getName()] = self::value($p, $in);
        }

        return new $record(...$values);
    }

    private static function value(\ReflectionParameter $p, Fields $in): mixed
    {
        $name = $p->getName();
        $type = self::type($p);
        if (!$in->has($name) && $p->allowsNull()) {
            return null;
        }

        return match (true) {
            'string' === $type => $in->text($name),
            'int' === $type => $in->int($name),
            'float' === $type => $in->float($name),
            'bool' === $type => $in->bool($name),
            'array' === $type => self::list($p, $in),
            \DateTimeImmutable::class === $type => $in->dateOrNull($name),
            Fields::class === $type => $in->object($name),
            is_subclass_of($type, \BackedEnum::class) => $in->enum($name, $type),
            class_exists($type) => self::make($type, $in->object($name)),
            default => throw new \LogicException("$name: no form has a $type."),
        };
    }

    /** @return list<mixed> */
    private static function list(\ReflectionParameter $p, Fields $in): array
    {
        $rule = self::rule($p);
        $item = $rule instanceof ListOf ? $rule->item : null;

        return match (true) {
            \is_string($item) => array_map(
                static fn (Fields $one): object => self::make($item, $one),
                $in->objects($p->getName()),
            ),
            $item instanceof Number => $in->floats($p->getName()),
            $item instanceof Whole => $in->ints($p->getName()),
            default => $in->texts($p->getName()),
        };
    }

    private static function byType(\ReflectionParameter $p): Shape
    {
        $type = self::type($p);

        return match (true) {
            'bool' === $type => Shape::boolean(),
            \DateTimeImmutable::class === $type => Shape::date(),
            class_exists($type) => self::shape($type),
            default => throw new \LogicException($p->getName().': what it may hold is not said.'),
        };
    }

    private static function rule(\ReflectionParameter $p): ?Rule
    {
        $rule = $p->getAttributes(Rule::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;

        return $rule?->newInstance();
    }

    private static function type(\ReflectionParameter $p): string
    {
        $type = $p->getType();

        return $type instanceof \ReflectionNamedType ? $type->getName() : '';
    }

    /**
     * @param class-string $record
     *
     * @return list<\ReflectionParameter>
     */
    private static function parameters(string $record): array
    {
        return (new \ReflectionClass($record))->getConstructor()?->getParameters() ?? [];
    }
}
