<?php

/**
 * The edge of the house: what nginx answers by itself, whose names are ours, what stands in logs, what owners' pages
 * may take.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Faults;

use PHPUnit\Framework\Attributes\DataProvider;

final class EdgeTest extends FaultCase
{
    /**
     * @param list<string> $headers
     *
     * @return array{int, string, string} status, content type, body
     */
    private static function raw(string $path, string $method = 'GET', array $headers = []): array
    {
        $call = curl_init(self::address().$path);
        \assert(false !== $call && '' !== $method);
        curl_setopt_array($call, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_PATH_AS_IS => true,
            \CURLOPT_CUSTOMREQUEST => $method,
            \CURLOPT_HTTPHEADER => $headers,
            \CURLOPT_TIMEOUT => 30,
        ]);
        $body = (string) curl_exec($call);

        return [
            (int) curl_getinfo($call, \CURLINFO_RESPONSE_CODE),
            (string) curl_getinfo($call, \CURLINFO_CONTENT_TYPE),
            $body,
        ];
    }

    /** @return iterable<string, array{string, string, list<string>, int}> */
    public static function strange(): iterable
    {
        yield 'a NUL' => ['/api/%00', 'GET', [], 400];
        yield 'out of the folder' => ['/..%2f..%2fsecrets', 'GET', [], 400];
        yield 'out of the folder below /api' => ['/api/..%2f..%2f..%2fetc/passwd', 'GET', [], 400];
        yield 'half an escape' => ['/api/%zz', 'GET', [], 400];
        yield 'a long address' => ['/api/'.str_repeat('x', 9000), 'GET', [], 414];
        yield 'a long header' => ['/api/health', 'GET', ['X-Long: '.str_repeat('x', 40_000)], 414];
        yield 'the bare /api' => ['/api', 'GET', [], 404];
        yield 'no such file' => ['/assets/none.js', 'GET', [], 404];
        yield 'no such address' => ['/api/none', 'GET', [], 404];
        yield 'another name' => ['/api/health', 'GET', ['Host: evil.example'], 421];
        yield 'another name for a page' => ['/', 'GET', ['Host: evil.example'], 421];
        yield 'a name with a port' => ['/api', 'GET', ['Host: evil.example:80'], 421];
        yield 'a method nobody takes' => ['/api/health', 'PATCH', [], 405];
        yield 'a page written to' => ['/', 'DELETE', [], 405];
        yield 'too much at once' => ['/api/session', 'POST', ['Content-Length: 99000000', 'Expect:'], 413];
    }

    /** @param list<string> $headers */
    #[DataProvider('strange')]
    public function testEveryAnswerIsAProblemDocument(string $path, string $method, array $headers, int $status): void
    {
        [$is, $type, $body] = self::raw($path, $method, $headers);
        self::assertSame([$status, 'application/problem+json'], [$is, $type], $body);
        $problem = json_decode($body, true);
        self::assertIsArray($problem);
        self::assertSame($status, $problem['status']);
        self::assertStringNotContainsString('evil.example', $body);
    }

    public function testTokensAndWhatIsLookedForAreNotWrittenDown(): void
    {
        $token = bin2hex(random_bytes(16));
        self::raw("/care/$token");
        self::raw("/agreement/$token.pdf");
        self::person()->ask('GET', '/api/dogs?q=wanderlust');
        usleep(200_000);
        $log = (string) file_get_contents(self::given('KT_HOME').'/log/access.log');
        self::assertStringContainsString('GET /care/-', $log);
        self::assertStringNotContainsString($token, $log);
        self::assertStringNotContainsString('wanderlust', $log);
    }

    public function testALogThatCannotBeWrittenFailsNoRequest(): void
    {
        // An id of another salon is written down.
        $foreign = self::id(
            "SELECT d.id FROM dog d JOIN salon s ON s.id = d.salon_id WHERE s.name <> 'The Fulling Room' UNION ".
                "SELECT k.id FROM staff k JOIN salon s ON s.id = k.salon_id WHERE s.name <> 'The Fulling Room' LIMIT 1",
        );
        self::house('mv "$LOG_FILE" "$LOG_FILE.was"; mkdir "$LOG_FILE"');
        try {
            self::assertSame(
                422,
                self::person()->ask('POST', '/api/session/person', [
                    'staff' => self::id("SELECT id FROM staff WHERE login = 'tove'"),
                    'pin' => '0000',
                ])[0],
                'a wrong PIN is written down',
            );
            self::assertSame(404, self::person()->ask('GET', "/api/dogs/$foreign/card")[0]);
        } finally {
            self::house('rmdir "$LOG_FILE"; mv "$LOG_FILE.was" "$LOG_FILE"');
        }
        self::db()->exec("UPDATE staff SET pin_failures = 0, pin_refused_at = NULL WHERE login = 'tove'");
    }

    public function testManyReadersOfALinkLeaveTheSalonItsWorkers(): void
    {
        $calls = [];
        for ($i = 0; $i < 60; ++$i) {
            $calls["reader $i"] = self::person()->call('GET', '/care/'.str_repeat('0', 32));
        }
        $calls['search'] = self::person(1)->call('GET', '/api/dogs?q=tansy');
        $answers = Person::together($calls);
        self::assertSame(200, $answers['search'][0]);
        unset($answers['search']);
        $counts = self::counted($answers);
        self::assertSame([], array_diff(array_keys($counts), [404, 429]));
        self::assertGreaterThan(0, $counts[429] ?? 0);
    }

    public function testALockThatIsHeldTooLongIsSaidAndTheSameWishSucceedsAfterwards(): void
    {
        $dog = self::dog('Cobnut');
        self::db()->beginTransaction();
        self::db()
            ->prepare('UPDATE trim_plan SET revision = revision WHERE dog_id = ?')
            ->execute([self::binary($dog)]);
        self::db()
            ->prepare('SELECT id FROM trim_plan WHERE dog_id = ? FOR UPDATE')
            ->execute([self::binary($dog)]);
        $version = self::value(
            'SELECT z.version FROM plan_zone z JOIN trim_plan p ON p.id = z.plan_id WHERE p.dog_id = ? AND '.
                "z.zone = 'back'",
            [self::binary($dog)],
        );
        $wish = [
            'PUT',
            "/api/dogs/$dog/plan/back",
            ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => 11.5, 'base' => '10']],
            is_numeric($version) ? (int) $version : 0,
            'held-'.getmypid(),
        ];
        [$status, $problem] = self::person()->ask(...$wish);
        self::db()->rollBack();
        self::assertSame([503, '/problems/busy'], [$status, $problem['type']]);
        self::assertSame(200, self::person()->ask(...$wish)[0]);
    }

    public function testNoConnectionLeftIsSaidAndPasses(): void
    {
        $most = self::value('SELECT @@max_connections');
        self::person();
        self::db()->exec('SET GLOBAL max_connections = 10');
        try {
            $held = [];
            for ($i = 0; $i < 12; ++$i) {
                try {
                    $held[] = new \PDO(
                        'mysql:unix_socket='.self::given('KT_RUN').'/db/mariadb.sock',
                        get_current_user(),
                        '',
                        [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
                    );
                } catch (\PDOException) {
                    break;
                }
            }
            [$status, $problem] = self::person()->ask('GET', '/api/dogs?q=tansy');
            self::assertSame([503, '/problems/resting'], [$status, $problem['type'] ?? $problem]);
        } finally {
            $held = [];
            self::db()->exec('SET GLOBAL max_connections = '.(is_numeric($most) ? (int) $most : 60));
        }
        self::assertSame(200, self::person()->ask('GET', '/api/dogs?q=tansy')[0]);
    }
}
