<?php

/** Holds an answer against the document of the API. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Opis\JsonSchema\Validator;

abstract class ContractCase extends ApiTestCase
{
    /** @var array<string, mixed> */
    protected static array $document = [];

    public static function setUpBeforeClass(): void
    {
        self::$document = self::map(
            json_decode(
                (string) file_get_contents(\dirname(__DIR__, 2).'/docs/api/openapi.json'),
                true,
                512,
                \JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** The last answer against the schema of this operation. */
    protected function holds(string $verb, string $path, string $status): void
    {
        $operation = self::map(self::map(self::map(self::$document['paths'])[$path])[$verb]);
        $responses = self::map($operation['responses']);
        self::assertArrayHasKey($status, $responses, "$verb $path does not document $status");
        $schema = self::map(self::map(self::map($responses[$status])['content'])['application/json'])['schema'];
        $whole = json_decode(
            json_encode(
                self::jsonSchema(['allOf' => [$schema], 'components' => self::$document['components']]),
                \JSON_THROW_ON_ERROR,
            ),
            false,
            512,
            \JSON_THROW_ON_ERROR,
        );
        self::assertIsObject($whole);
        $validator = new Validator();
        $validator->setMaxErrors(3);
        $result = $validator->validate(json_decode((string) $this->client->getResponse()->getContent()), $whole);
        $error = $result->error();
        self::assertTrue(
            $result->isValid(),
            "$verb $path: ".
                (null === $error ? '' : json_encode((new \Opis\JsonSchema\Errors\ErrorFormatter())->format($error))),
        );
    }

    /**
     * OpenAPI 3.0's spelling as JSON Schema: nullable, and references beside it.
     *
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    protected static function jsonSchema(array $node): array
    {
        $nullable = true === ($node['nullable'] ?? null);
        unset($node['nullable']);
        if (true === ($node['exclusiveMinimum'] ?? null)) {
            $node['exclusiveMinimum'] = $node['minimum'];
            unset($node['minimum']);
        }
        $node = array_map(static fn (mixed $v): mixed => \is_array($v) ? self::jsonSchema($v) : $v, $node);

        return $nullable ? ['anyOf' => [['type' => 'null'], $node]] : $node;
    }
}
