<?php

/** Hostile addresses, queries, versions and content types. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class HostileAddressTest extends HostileCase
{
    /** @return iterable<string, array{string}> */
    public static function ids(): iterable
    {
        foreach (
            [
                'x',
                '0',
                '-1',
                '%00',
                '..%2f..%2fetc',
                "1'%20OR%20'1'='1",
                '00000000-0000-0000-0000-000000000000',
                '0190a0b0-0000-7000-8000-00000000000g',
                '🐾',
                str_repeat('a', 3000),
            ] as $id
        ) {
            yield substr($id, 0, 40) => [$id];
        }
    }

    #[DataProvider('ids')]
    public function testNoIdBreaksARoute(string $id): void
    {
        $this->signIn('maren');
        foreach (
            [
                "GET /api/grooms/$id",
                "POST /api/grooms/$id/close",
                "GET /api/grooms/$id/finish",
                "POST /api/grooms/$id/ask",
                "POST /api/dogs/$id/grooms",
                "GET /api/dogs/$id/line",
                "GET /api/dogs/$id/card",
                "PUT /api/dogs/$id/plan/back",
                "POST /api/log/$id/undo",
                "DELETE /api/bookings/$id",
                "PUT /api/kit/$id/measurement",
            ] as $line
        ) {
            [$method, $path] = explode(' ', $line);
            $body = match (true) {
                str_contains($line, '/plan/') => self::blade('10'),
                str_contains($line, '/measurement') => ['measured_mm' => 1.4],
                'GET' === $method => null,
                default => [],
            };
            $this->ask($method, $path, $body, 404, ['If-Match' => '"1"']);
            $this->refusedPlainly($line);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function queries(): iterable
    {
        foreach (
            [
                'q=%FF%FE',
                'q='.str_repeat('wort%20', 300),
                'q=%25%25%25',
                'q=_',
                "q='",
                'q[]=a',
                'cursor=%00',
                'cursor=aGVsbG8',
                'cursor[]=1',
                'q=%3Cscript%3E',
                'q=\\',
                'q=%F0%9F%90%BE',
            ] as $query
        ) {
            yield substr($query, 0, 40) => [$query];
        }
    }

    #[DataProvider('queries')]
    public function testNoQueryBreaksAList(string $query): void
    {
        $this->signIn('maren');
        foreach (['/api/dogs', '/api/log', '/api/bookings'] as $path) {
            $this->ask('GET', "$path?$query");
            $status = $this->client->getResponse()->getStatusCode();
            self::assertContains($status, [200, 400, 404, 422], "$path?$query");
            $this->plain();
        }
    }

    /** @return iterable<string, array{string}> */
    public static function versions(): iterable
    {
        foreach (['', '*', '1', '"x"', '"-1"', '"99999999999999999999"', 'W/"1"', '"1", "2"'] as $version) {
            yield $version => [$version];
        }
    }

    #[DataProvider('versions')]
    public function testAVersionMustBeAVersion(string $version): void
    {
        $this->signIn('maren');
        $this->ask(
            'PUT',
            '/api/dogs/'.$this->dogId('Tansy').'/plan/back',
            self::blade('10'),
            headers: ['If-Match' => $version],
        );
        $status = $this->client->getResponse()->getStatusCode();
        self::assertContains($status, [200, 400, 412, 428], $version);
        if (200 === $status) {
            self::assertContains($version, ['1', 'W/"1"'], 'only version 1 is the one that is there');
        }
        $this->plain();
    }

    public function testOtherContentTypesAndMethodsAreNotGuessedAt(): void
    {
        $this->signIn('maren');
        foreach (['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', ''] as $type) {
            $this->client->request(
                'POST',
                '/api/session',
                server: ['CONTENT_TYPE' => $type],
                content: '{"login":"maren","password":"thistle-demo"}',
            );
            self::assertSame(400, $this->client->getResponse()->getStatusCode(), $type);
        }
        foreach (['PATCH', 'TRACE', 'POST'] as $method) {
            $this->ask($method, '/api/words', [], 405);
        }
        $this->ask('GET', '/api/nothing', expect: 404);
    }
}
