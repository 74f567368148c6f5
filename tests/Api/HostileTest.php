<?php

/** Whatever is thrown at a route: an answer below 500, as a problem document, with no inside of the program in it. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;

final class HostileTest extends ApiTestCase
{
    /** @return iterable<string, array{string}> raw bodies */
    public static function bodies(): iterable
    {
        yield 'nothing' => [''];
        yield 'no JSON' => ['name=Tansy&coat=curly'];
        yield 'half of it' => ['{"zone":"back","recipe":{"method":"cl'];
        yield 'null' => ['null'];
        yield 'a list' => ['[1,2,3]'];
        yield 'text' => ['"DROP TABLE dog"'];
        yield 'a number' => ['1e400'];
        yield 'a word that is no number' => ['{"measured_mm":NaN}'];
        yield 'broken bytes' => ["{\"name\":\"\xC3\x28\"}"];
        yield 'very deep' => [str_repeat('{"a":', 600).'1'.str_repeat('}', 600)];
        yield 'very wide' => ['{"zones":['.implode(',', array_fill(0, 3000, '{"zone":"back"}')).']}'];
        yield 'very long' => ['{"name":"'.str_repeat('ä', 200_000).'","breed":"x","coat":"wire"}'];
        yield 'a key of the language' => ['{"__proto__":{"role":"manager"},"constructor":1}'];
        yield 'markup everywhere' => ['{"zone":"<img src=x onerror=alert(1)>","method":"<b>","name":"<script>","day":"<i>","staff":"<u>"}'];
        yield 'SQL everywhere' => ['{"zone":"back\' OR 1=1 --","day":"2026-01-01\'; DROP TABLE dog; --","staff":"1 OR 1=1","pin":"\' OR \'\'=\'","measured_mm":"1; SELECT 1"}'];
    }

    #[DataProvider('bodies')]
    public function testNoBodyBreaksAWrite(string $body): void
    {
        $this->signIn('maren');
        $tansy = $this->dogId('Tansy');
        $tool = self::text(self::rows($this->ask('GET', '/api/kit')['items'])[0]['id']);
        $before = $this->db()->fetchAllAssociative('SELECT (SELECT COUNT(*) FROM dog) dogs, (SELECT COUNT(*) FROM visit) visits, (SELECT COUNT(*) FROM booking) bookings, (SELECT COUNT(*) FROM change_log) changes');
        foreach (['POST /api/dogs', "PUT /api/dogs/$tansy", "POST /api/dogs/$tansy/answer", "PUT /api/dogs/$tansy/plan/back", "POST /api/dogs/$tansy/visits", "POST /api/dogs/$tansy/bookings", "PUT /api/kit/$tool/measurement", 'POST /api/session/person'] as $line) {
            [$method, $path] = explode(' ', $line);
            $this->ask($method, $path, $body, headers: ['If-Match' => '"1"']);
            $this->refusedPlainly($line);
        }
        self::assertSame($before, $this->db()->fetchAllAssociative('SELECT (SELECT COUNT(*) FROM dog) dogs, (SELECT COUNT(*) FROM visit) visits, (SELECT COUNT(*) FROM booking) bookings, (SELECT COUNT(*) FROM change_log) changes'));
    }

    /** @return iterable<string, array{string}> */
    public static function ids(): iterable
    {
        foreach (['x', '0', '-1', '%00', '..%2f..%2fetc', "1'%20OR%20'1'='1", '00000000-0000-0000-0000-000000000000', '0190a0b0-0000-7000-8000-00000000000g', '🐾', str_repeat('a', 3000)] as $id) {
            yield substr($id, 0, 40) => [$id];
        }
    }

    #[DataProvider('ids')]
    public function testNoIdBreaksARoute(string $id): void
    {
        $this->signIn('maren');
        foreach (["GET /api/dogs/$id/card", "PUT /api/dogs/$id/plan/back", "POST /api/log/$id/undo", "DELETE /api/bookings/$id", "PUT /api/kit/$id/measurement"] as $line) {
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
        foreach (['q=%FF%FE', 'q='.str_repeat('wort%20', 300), 'q=%25%25%25', 'q=_', "q='", 'q[]=a', 'cursor=%00', 'cursor=aGVsbG8', 'cursor[]=1', 'q=%3Cscript%3E', 'q=\\', 'q=%F0%9F%90%BE'] as $query) {
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
        $this->ask('PUT', '/api/dogs/'.$this->dogId('Tansy').'/plan/back', self::blade('10'), headers: ['If-Match' => $version]);
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
            $this->client->request('POST', '/api/session', server: ['CONTENT_TYPE' => $type], content: '{"login":"maren","password":"thistle-demo"}');
            self::assertSame(400, $this->client->getResponse()->getStatusCode(), $type);
        }
        foreach (['PATCH', 'TRACE', 'POST'] as $method) {
            $this->ask($method, '/api/words', [], 405);
        }
        $this->ask('GET', '/api/nothing', expect: 404);
    }

    private function refusedPlainly(string $line): void
    {
        $status = $this->client->getResponse()->getStatusCode();
        self::assertGreaterThanOrEqual(400, $status, $line);
        self::assertLessThan(500, $status, $line);
        $this->plain();
    }

    private function plain(): void
    {
        $answer = (string) $this->client->getResponse()->getContent();
        self::assertJson($answer);
        self::assertDoesNotMatchRegularExpression('~SQLSTATE|Stack trace|Doctrine\\\\|Symfony\\\\|\.php|/vendor/~', $answer);
    }
}
