<?php

/** Turns a type as a docblock writes it into a schema of the API's document. */

declare(strict_types=1);

namespace KeenThistle\Http;

use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\ParamTagValueNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;

final readonly class TypeSchema
{
    private const PLAIN = [
        'string' => ['type' => 'string'],
        'int' => ['type' => 'integer'],
        'float' => ['type' => 'number'],
        'bool' => ['type' => 'boolean'],
        'object' => ['type' => 'object'],
        'mixed' => [],
    ];

    /**
     * @param \Closure(class-string): string $ref the place of a record in the document
     * @param array<string, class-string> $records by short name
     */
    public function __construct(private \Closure $ref, private array $records)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function of(string $type): array
    {
        $config = new ParserConfig([]);
        $tokens = new TokenIterator((new Lexer($config))->tokenize($type));

        return $this->schema((new TypeParser($config, new ConstExprParser($config)))->parse($tokens));
    }

    /** What the docblock of its constructor says of a parameter. */
    public static function documented(\ReflectionParameter $p): ?string
    {
        $text = $p->getDeclaringFunction()->getDocComment();
        if (false === $text) {
            return null;
        }
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);
        $tokens = new TokenIterator((new Lexer($config))->tokenize($text));
        foreach ($parser->parse($tokens)->getTagsByName('@param') as $t) {
            if ($t->value instanceof ParamTagValueNode && '$'.$p->getName() === $t->value->parameterName) {
                return (string) $t->value->type;
            }
        }

        return null;
    }

    /**
     * @return array<string, mixed>
     */
    private function schema(TypeNode $type): array
    {
        return match (true) {
            $type instanceof UnionTypeNode => $this->union($type),
            $type instanceof ArrayShapeNode => $this->shape($type),
            $type instanceof GenericTypeNode => $this->generic($type),
            $type instanceof IdentifierTypeNode => self::PLAIN[$type->name] ??
                ['$ref' => ($this->ref)($this->named($type->name))],
            default => throw new \LogicException("$type: no schema is made of it."),
        };
    }

    /**
     * @return array<string, mixed>
     */
    private function union(UnionTypeNode $type): array
    {
        $isNull = static fn (TypeNode $t): bool => $t instanceof IdentifierTypeNode && 'null' === $t->name;
        $types = array_values(array_filter($type->types, static fn (TypeNode $t): bool => !$isNull($t)));
        $words = [];
        foreach ($types as $t) {
            if ($t instanceof ConstTypeNode && $t->constExpr instanceof ConstExprStringNode) {
                $words[] = $t->constExpr->value;
            }
        }
        $schema = match (true) {
            \count($words) === \count($types) => ['type' => 'string', 'enum' => $words],
            [] === \array_slice($types, 1) => $this->schema($types[0]),
            default => ['oneOf' => array_map(fn (TypeNode $t): array => $this->schema($t), $types)],
        };
        if (\count($types) === \count($type->types)) {
            return $schema;
        }

        return isset($schema['$ref']) ? ['oneOf' => [$schema], 'nullable' => true] : $schema + ['nullable' => true];
    }

    /**
     * @return array<string, mixed>
     */
    private function shape(ArrayShapeNode $type): array
    {
        $required = $properties = [];
        foreach ($type->items as $item) {
            $name = trim((string) $item->keyName, '\'"');
            $properties[$name] = $this->schema($item->valueType);
            if (!$item->optional) {
                $required[] = $name;
            }
        }

        return ['required' => $required, 'properties' => $properties, 'type' => 'object'];
    }

    /**
     * @return array<string, mixed>
     */
    private function generic(GenericTypeNode $type): array
    {
        $of = $this->schema($type->genericTypes[\count($type->genericTypes) - 1]);

        return 1 === \count($type->genericTypes)
            ? ['type' => 'array', 'items' => $of]
            : ['type' => 'object', 'additionalProperties' => $of];
    }

    /** @return class-string */
    private function named(string $name): string
    {
        $short = substr($name, (int) strrpos("\\$name", '\\'));

        return $this->records[$short] ?? throw new \LogicException("$name is no record.");
    }
}
