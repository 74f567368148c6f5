<?php

/** Thousands of requests, each well formed but for what was done to it: every answer is one of ours, never a 500. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Symfony\Component\Uid\Uuid;

/**
 * The seed is fixed, so that a run is the same every time; bin/test faults takes the day's number and more requests,
 * and
 * prints it: KT_FUZZ_SEED and KT_FUZZ set both.
 */
final class FuzzTest extends ApiTestCase
{
    private const WORDS = [
        "\0",
        "2026-11-27\0",
        '',
        ' ',
        "\u{200B}",
        '🐾🐾🐾',
        '<script>alert(1)</script>',
        "'; DROP TABLE dog; --",
        '../../etc/passwd',
        'NaN',
        '-1',
        '1e999',
        "a\r\nSet-Cookie: x=1",
        '9999-99-99',
        '0000-00-00',
        '2026-02-30',
        '24:61',
        '%00',
        "\u{202E}drawkcab",
        'ÅÄÖ',
        '10 mm',
        'null',
    ];
    private const VALUES = [
        null,
        true,
        false,
        0,
        -1,
        1.5,
        1e300,
        -1e300,
        \PHP_INT_MAX,
        \PHP_INT_MIN,
        [],
        [[]],
        ['a' => ['b' => []]],
        1e-300,
    ];

    /** @var array<string, list<string>> real ids by what a path is about */
    private array $ids = [];

    private static function setting(string $name, int $usual): int
    {
        $given = getenv($name);

        return \is_string($given) && '' !== $given ? (int) $given : $usual;
    }

    public function testNoRequestIsAnsweredWithAnError(): void
    {
        $seed = self::setting('KT_FUZZ_SEED', 20_261_127);
        mt_srand($seed);
        $operations = self::operations();
        self::assertGreaterThan(60, \count($operations));
        $this->signIn('maren');
        $statuses = [];
        for ($i = 0, $times = self::setting('KT_FUZZ', 2000); $i < $times; ++$i) {
            [$method, $path, $schema, $query] = $operations[mt_rand(0, \count($operations) - 1)];
            $target = $this->path($path);
            if ([] !== $query && 0 === mt_rand(0, 1)) {
                $target .= '?'.$query[mt_rand(0, \count($query) - 1)].'='.rawurlencode($this->word());
            }
            $body =
                null === $schema
                    ? null
                    : json_encode(
                        $this->hurt($this->made($schema)),
                        \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE,
                    );
            if (null !== $body && 0 === mt_rand(0, 40)) {
                $body = substr((string) $body, 0, -1);
            }
            $headers = ['If-Match' => 0 === mt_rand(0, 9) ? $this->word() : '"'.mt_rand(0, 3).'"'];
            $this->ask($method, $target, \is_string($body) ? $body : null, headers: $headers);
            $status = $this->client->getResponse()->getStatusCode();
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            self::assertLessThan(
                500,
                $status,
                "seed $seed, request $i: $method $target ".
                    mb_substr((string) $body, 0, 2000).
                    ' '.
                    json_encode($headers, \JSON_PARTIAL_OUTPUT_ON_ERROR),
            );
            if (401 === $status) {
                $this->signIn('maren');
            }
        }
        ksort($statuses);
        self::assertGreaterThan(0, $statuses[200] ?? 0, 'some go through');
        self::assertGreaterThan(0, $statuses[422] ?? 0);
        if (false !== getenv('KT_FUZZ_SEED')) {
            fwrite(\STDERR, "\n  seed $seed: ".json_encode($statuses, \JSON_THROW_ON_ERROR)."\n");
        }
    }

    /**
     * @return list<array{string, string, array<mixed>|null, list<string>}> method, path, schema of the body, names in
     *     the query
     */
    private static function operations(): array
    {
        $document = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/docs/api/openapi.json'), true);
        $out = [];
        foreach (self::map(self::map($document)['paths']) as $path => $methods) {
            foreach (self::map($methods) as $method => $operation) {
                $operation = self::map($operation);
                if (!str_starts_with($path, '/api/session')) {
                    $schema = isset($operation['requestBody'])
                        ? self::map(
                            self::map(self::map(self::map($operation['requestBody'])['content'])['application/json'])[
                                'schema'
                            ],
                        )
                        : null;
                    $query = array_column(
                        array_filter(
                            self::rows($operation['parameters'] ?? []),
                            static fn (array $p): bool => 'query' === $p['in'],
                        ),
                        'name',
                    );
                    $out[] = [strtoupper($method), $path, $schema, array_values(array_filter($query, is_string(...)))];
                }
            }
        }

        return $out;
    }

    private function path(string $path): string
    {
        if (1 === mt_rand(0, 14)) {
            return (string) preg_replace('/\{\w+\}/', rawurlencode($this->word()), $path);
        }
        $table = match (true) {
            str_starts_with($path, '/api/arrivals/') => 'arrival',
            str_starts_with($path, '/api/grooms/') => 'groom',
            str_starts_with($path, '/api/bookings/') => 'booking',
            str_starts_with($path, '/api/kit/entries/') => 'tool_entry',
            str_starts_with($path, '/api/kit/derivations/') => 'derivation',
            str_starts_with($path, '/api/jobs/') => 'job',
            str_starts_with($path, '/api/outbox/') => 'message',
            str_starts_with($path, '/api/kit/') => 'kit_item',
            str_starts_with($path, '/api/patterns/') => 'house_pattern',
            str_starts_with($path, '/api/prices/') => 'price_list',
            str_starts_with($path, '/api/log/') => 'change_log',
            str_starts_with($path, '/api/photos/') => 'photo',
            str_starts_with($path, '/api/agreements/') => 'agreement',
            str_starts_with($path, '/api/wash/products/') => 'wash_product',
            str_starts_with($path, '/api/wash/bottles/') => 'wash_bottle',
            default => 'dog',
        };
        $this->ids[$table] ??= array_map(
            static fn (mixed $id): string => (string) Uuid::fromBinary(self::text($id)),
            $this->db()->fetchFirstColumn("SELECT id FROM $table ORDER BY id LIMIT 12"),
        );
        $ids = [] === $this->ids[$table] ? [(string) Uuid::v4()] : $this->ids[$table];
        $zones = ['back', 'loin', 'brow', 'pads_front_left', 'lips'];
        $tools = ['clipper', 'dryer', 'grinder', 'nail_clippers'];

        return str_replace(
            ['{id}', '{zone}', '{tool}', '{size}', '{reaction}'],
            [$ids[mt_rand(0, \count($ids) - 1)], $zones[mt_rand(0, 4)], $tools[mt_rand(0, 3)], 'small', $ids[0]],
            $path,
        );
    }

    /**
     * What the schema asks for, more or less.
     *
     * @param array<mixed> $schema
     */
    private function made(array $schema): mixed
    {
        if (\is_array($schema['enum'] ?? null) && [] !== $schema['enum']) {
            return $schema['enum'][array_rand($schema['enum'])];
        }
        $number = static fn (string $name, float $usual): float => is_numeric($schema[$name] ?? null)
            ? (float) $schema[$name]
            : $usual;

        return match ($schema['type'] ?? 'object') {
            'object' => $this->object($schema),
            'array' => array_map(
                fn (): mixed => $this->made(self::map($schema['items'] ?? [])),
                array_fill(0, mt_rand((int) $number('minItems', 0), (int) min(3, $number('maxItems', 3))), 0),
            ),
            'string' => 'date' === ($schema['format'] ?? '')
                ? date('Y-m-d', time() + mt_rand(-5, 60) * 86400)
                : $this->string((int) $number('minLength', 0), (int) $number('maxLength', 20)),
            'integer' => mt_rand((int) max(-1e6, $number('minimum', 0)), (int) min(1e6, $number('maximum', 100))),
            'number' => $number('minimum', 0) +
                (mt_rand(1, 100) / 100) * min(50, $number('maximum', 100) - $number('minimum', 0)),
            'boolean' => 1 === mt_rand(0, 1),
            default => null,
        };
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function object(array $schema): array
    {
        $required = \is_array($schema['required'] ?? null) ? $schema['required'] : [];
        $out = [];
        foreach (\is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $name => $property) {
            if (\in_array($name, $required, true) || 0 === mt_rand(0, 2)) {
                $out[(string) $name] = $this->made(self::map($property));
            }
        }

        return $out;
    }

    private function string(int $min, int $max): string
    {
        return str_pad('thistle', max($min, min($max, 7)), 'x');
    }

    /** One place of it is made otherwise, two times in three. */
    private function hurt(mixed $value): mixed
    {
        if (0 === mt_rand(0, 2)) {
            return $value;
        }
        if (\is_array($value) && [] !== $value && 0 !== mt_rand(0, 9)) {
            $at = array_rand($value);
            $value[$at] = \is_array($value[$at]) && 0 !== mt_rand(0, 2) ? $this->hurt($value[$at]) : self::something();

            return $value;
        }

        return self::something();
    }

    private function something(): mixed
    {
        return 0 === mt_rand(0, 1) ? $this->word() : self::VALUES[mt_rand(0, \count(self::VALUES) - 1)];
    }

    private function word(): string
    {
        return match (mt_rand(0, 9)) {
            0 => str_repeat('x', mt_rand(30, 400)),
            1 => str_repeat('🐕', mt_rand(1, 100)),
            2 => (string) Uuid::v4(),
            default => self::WORDS[mt_rand(0, \count(self::WORDS) - 1)],
        };
    }
}
