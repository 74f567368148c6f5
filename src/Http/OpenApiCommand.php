<?php

/** Writes the OpenAPI document from the code: routes, #[Endpoint], body shapes and response records. */

declare(strict_types=1);

namespace KeenThistle\Http;

use KeenThistle\Core\Input\Shape;
use KeenThistle\Input\Shaped;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Routing\RouterInterface;
use Symfony\Component\Security\Http\Attribute\IsGranted;

#[AsCommand('thistle:openapi', 'Prints the OpenAPI document')]
final class OpenApiCommand extends Command
{
    public function __construct(private readonly RouterInterface $router)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $schemas = new SchemaOf(self::records());
        $paths = $this->paths($schemas);
        $document = [
            'openapi' => '3.0.0',
            'info' => ['title' => 'Keen Thistle', 'version' => '1'],
            'paths' => $paths,
            'components' => [
                'schemas' => $schemas->all(),
                'securitySchemes' => ['token' => ['type' => 'http', 'scheme' => 'bearer']],
            ],
        ];
        $document['components']['schemas']['Problem'] = [
            'type' => 'object',
            'required' => ['type', 'title', 'status'],
            'properties' => [
                'type' => ['type' => 'string'],
                'title' => ['type' => 'string'],
                'status' => ['type' => 'integer'],
                'errors' => [
                    'type' => 'array',
                    'items' => [
                        'type' => 'object',
                        'required' => ['field', 'message'],
                        'properties' => ['field' => ['type' => 'string'], 'message' => ['type' => 'string']],
                    ],
                ],
            ],
            'additionalProperties' => true,
        ];
        ksort($document['components']['schemas']);
        $output->write(
            json_encode(
                $document,
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR,
            )."\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /** @return array<string, class-string> the response records of all modules, by short name */
    private static function records(): array
    {
        $records = [];
        foreach ((array) glob(\dirname(__DIR__).'/*/*View.php') as $file) {
            $class = 'KeenThistle\\'.basename(\dirname((string) $file)).'\\'.basename((string) $file, '.php');
            if (class_exists($class)) {
                $records[basename((string) $file, '.php')] = $class;
            }
        }

        return $records;
    }

    /** @return array<string, array<string, mixed>> */
    private function paths(SchemaOf $schemas): array
    {
        $paths = [];
        foreach ($this->router->getRouteCollection() as $route) {
            $controller = $route->getDefault('_controller');
            if (!\is_string($controller) || !str_starts_with($controller, 'KeenThistle\\')) {
                continue;
            }
            [$class, $method] = explode('::', $controller) + [1 => '__invoke'];
            $action = new \ReflectionMethod($class, $method);
            $attribute = $action->getAttributes(Endpoint::class)[0] ?? null;
            if (null !== $attribute) {
                $paths[$route->getPath()][strtolower($route->getMethods()[0])] = $this->operation(
                    $schemas,
                    $attribute->newInstance(),
                    $action,
                    $route->getPath(),
                    $route->getMethods()[0],
                );
            }
        }
        ksort($paths);

        return $paths;
    }

    /** @return array<string, mixed> */
    private function operation(
        SchemaOf $schemas,
        Endpoint $endpoint,
        \ReflectionMethod $action,
        string $path,
        string $verb,
    ): array {
        preg_match_all('/\{(\w+)\}/', $path, $names);
        $parameters = array_map(
            static fn (string $name): array => [
                'name' => $name,
                'in' => 'path',
                'required' => true,
                'schema' => ['type' => 'string'],
            ],
            $names[1],
        );
        foreach ($endpoint->query as $name => $description) {
            $parameters[] = [
                'name' => $name,
                'in' => 'query',
                'description' => $description,
                'schema' => ['type' => 'string'],
            ];
        }
        if (self::takesKey($action)) {
            $parameters[] = [
                'name' => 'Idempotency-Key',
                'in' => 'header',
                'required' => true,
                'schema' => ['type' => 'string'],
            ];
        }
        if (self::isMarked($action, FromIfMatch::class)) {
            $parameters[] = [
                'name' => 'If-Match',
                'in' => 'header',
                'required' => true,
                'description' => 'the version this change was made from',
                'schema' => ['type' => 'string'],
            ];
        }
        $operation = ['summary' => $endpoint->summary, 'parameters' => $parameters];
        $needed = $action->getAttributes(IsGranted::class)[0] ?? null;
        $right = $needed?->newInstance()->attribute;
        if (\is_string($right)) {
            $operation['description'] = 'Asks for the right '.strtolower(substr($right, \strlen('ROLE_'))).'.';
            $operation['security'] = [['token' => []]];
        }
        $shape = null === $endpoint->takes ? self::body($action) : Shaped::call($endpoint->takes);
        if (null !== $shape) {
            $operation['requestBody'] = [
                'required' => true,
                'content' => ['application/json' => ['schema' => JsonSchema::asOpenApi($shape->toJsonSchema())]],
            ];
        }
        $ok = ['description' => 'Done'];
        if (null !== $endpoint->gives) {
            $ok['content'] = [
                'application/json' => [
                    'schema' => ['$ref' => $schemas->ref($endpoint->gives)],
                ],
            ];
        }
        $operation['responses'] = [
            (string) $endpoint->status => $ok,
            'default' => [
                'description' => 'A problem document',
                'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]],
            ],
        ];

        return $operation;
    }

    private static function body(\ReflectionMethod $action): ?Shape
    {
        foreach ($action->getParameters() as $p) {
            $body = $p->getAttributes(FromBody::class)[0] ?? null;
            $type = $p->getType();
            if (null !== $body && $type instanceof \ReflectionNamedType) {
                return $body->newInstance()->shape($type->getName());
            }
        }

        return null;
    }

    /** Whether it asks for a key, to be done once however often it is sent; by name, as it lives further right. */
    private static function takesKey(\ReflectionMethod $action): bool
    {
        return [] !== array_filter(
            $action->getParameters(),
            static fn (\ReflectionParameter $p): bool => str_ends_with((string) $p->getType(), '\\Key'),
        );
    }

    private static function isMarked(\ReflectionMethod $action, string $mark): bool
    {
        return [] !== array_filter(
            $action->getParameters(),
            static fn (\ReflectionParameter $p): bool => [] !== $p->getAttributes($mark),
        );
    }
}
