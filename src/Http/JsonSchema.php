<?php

/** JSON Schema, as the rules publish it, in the spelling of the API's document. */

declare(strict_types=1);

namespace KeenThistle\Http;

final class JsonSchema
{
    private function __construct()
    {
    }

    /**
     * The schema of what was taken and is given back as it is: what was left out is still left out.
     *
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    public static function asGiven(array $schema): array
    {
        unset($schema['default']);
        foreach ($schema as $key => $value) {
            if (\is_array($value) && 'enum' !== $key && 'required' !== $key) {
                /** @var array<string, mixed> $value */
                $schema[$key] = self::asGiven($value);
            }
        }

        return self::asOpenApi($schema);
    }

    /**
     * As OpenAPI 3.0 spells it: nullable instead of a type list, exclusiveMinimum as a flag.
     *
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    public static function asOpenApi(array $schema): array
    {
        if (\is_array($schema['type'] ?? null) && \in_array('null', $schema['type'], true)) {
            $schema['type'] = $schema['type'][0];
            $schema['nullable'] = true;
        }
        if (isset($schema['exclusiveMinimum'])) {
            $schema['minimum'] = $schema['exclusiveMinimum'];
            $schema['exclusiveMinimum'] = true;
        }
        foreach ($schema as $key => $value) {
            if (\is_array($value) && 'enum' !== $key && 'required' !== $key) {
                /** @var array<string, mixed> $value */
                $schema[$key] = self::asOpenApi($value);
            }
        }

        return $schema;
    }
}
