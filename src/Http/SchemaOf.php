<?php

/** Describes response records for the API's document: read off their constructors, once. */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Input\Gives;
use KeenThistle\Input\LeavesOutNulls;
use KeenThistle\Input\Says;
use KeenThistle\Input\Shaped;

/**
 * A parameter's type is what Gives says, else its docblock's, else its own. All of a record is always there, but for
 * what one that leaves out nulls may leave out.
 */
final class SchemaOf
{
    /** @var array<string, class-string> by short name */
    private array $seen = [];

    /** @var list<class-string> */
    private array $open = [];

    private readonly TypeSchema $types;

    /** @param array<string, class-string> $records that there are, by short name */
    public function __construct(array $records)
    {
        $this->types = new TypeSchema($this->ref(...), $records);
    }

    /** @param class-string $record */
    public function ref(string $record): string
    {
        $name = (new \ReflectionClass($record))->getShortName();
        if (!isset($this->seen[$name])) {
            $this->seen[$name] = $record;
            $this->open[] = $record;
        } elseif ($this->seen[$name] !== $record) {
            throw new \LogicException("Two records are called $name: {$this->seen[$name]} and $record.");
        }

        return "#/components/schemas/$name";
    }

    /** @return array<string, array<string, mixed>> of all that were asked for, and of what these hold; by name */
    public function all(): array
    {
        $out = [];
        while (null !== ($record = array_shift($this->open))) {
            $out[(new \ReflectionClass($record))->getShortName()] = $this->schema($record);
        }
        ksort($out);

        return $out;
    }

    /**
     * @param class-string $record
     *
     * @return array<string, mixed>
     */
    private function schema(string $record): array
    {
        $class = new \ReflectionClass($record);
        $whole = ($class->getAttributes(Gives::class)[0] ?? null)?->newInstance();
        if (null !== $whole) {
            return $this->types->of($whole->type);
        }
        $mayBeLeftOut = \in_array(LeavesOutNulls::class, $class->getTraitNames(), true);
        $required = $properties = [];
        foreach ($class->getConstructor()?->getParameters() ?? [] as $p) {
            $says = ($p->getAttributes(Says::class)[0] ?? null)?->newInstance();
            $properties[$p->getName()] =
                (null === $says ? [] : ['description' => $says->text]) +
                ($this->shaped($p) ?? $this->types->of($this->type($p)));
            if (!$mayBeLeftOut || !$p->allowsNull()) {
                $required[] = $p->getName();
            }
        }

        return ['required' => $required, 'properties' => $properties, 'type' => 'object'];
    }

    /** @return array<string, mixed>|null of what holds a form as it was sent */
    private function shaped(\ReflectionParameter $p): ?array
    {
        $shaped = ($p->getAttributes(Shaped::class)[0] ?? null)?->newInstance();

        return null === $shaped ? null : JsonSchema::asGiven($shaped->shape()->toJsonSchema());
    }

    private function type(\ReflectionParameter $p): string
    {
        $gives = ($p->getAttributes(Gives::class)[0] ?? null)?->newInstance();

        return $gives->type ?? (TypeSchema::documented($p) ?? self::own($p));
    }

    private static function own(\ReflectionParameter $p): string
    {
        $type = $p->getType();
        if (!$type instanceof \ReflectionNamedType) {
            throw new \LogicException($p->getName().': what it holds is not said.');
        }
        $name = class_exists($type->getName()) ? '\\'.$type->getName() : $type->getName();

        return $type->allowsNull() ? "$name|null" : $name;
    }
}
