<?php

/**
 * What the API answered once to a few hundred requests, good and bad, it answers still; what is meant to change is
 * recorded anew.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Demo\DemoCommand;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Routing\RouterInterface;

/**
 * KT_RECORD=1 bin/test api --filter Recorded writes recorded/answers.jsonl.gz: a line an answer, from cards of 60 kB to
 * refusals. The test names what differs, member by member: look at it before it is recorded anew; all of it must be
 * meant.
 *
 * @phpstan-type Wish array{0: string, 1: string, 2: string, 3?: mixed, if?: int|string, key?: string, keep?: string,
 *     hides?: string, csrf?: false}
 */
final class RecordedTest extends ApiTestCase
{
    private const ANSWERS = __DIR__.'/recorded/answers.jsonl.gz';

    /** @var array<string, mixed> answers that later requests speak of */
    private array $kept = [];

    /** @var array<string, string> what differs from run to run → what stands for it */
    private array $names = [];

    protected function tearDown(): void
    {
        parent::tearDown();
        Clock::set(new NativeClock());
    }

    public function testEveryRequestGetsTheAnswerOfBefore(): void
    {
        $clock = new MockClock('2024-05-06 09:00:00', 'UTC');
        Clock::set($clock);
        $this->newSalon();
        /** @var list<Wish> $wishes */
        $wishes = require __DIR__.'/recorded/requests.php';
        self::assertGreaterThanOrEqual(300, \count($wishes));
        $answers = $asked = [];
        $who = '';
        foreach ($wishes as $n => $wish) {
            $clock->sleep(1);
            if ($who !== $wish[0]) {
                $who = $wish[0];
                // What one person's request left in the services is not there for the next one's, as with a server's.
                self::ensureKernelShutdown();
                $this->setUp();
                if ('' !== $who) {
                    $this->signIn($who);
                }
            }
            $answers[] = $this->answer($n, $wish);
            $asked[] = $this->client->getRequest()->attributes->getString('_route');
        }
        if (false !== getenv('KT_RECORD')) {
            file_put_contents(self::ANSWERS, gzencode(implode("\n", $answers), 9));
        }
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        self::assertSame(
            [],
            array_values(array_diff(array_keys($router->getRouteCollection()->all()), $asked)),
            'every route is asked',
        );
        $recorded = explode("\n", (string) gzdecode((string) file_get_contents(self::ANSWERS)));
        self::assertSameSize($recorded, $answers, 'new requests are recorded');
        $differ = [];
        foreach ($recorded as $n => $line) {
            if ($line !== ($answers[$n] ?? '')) {
                array_push(
                    $differ,
                    ...self::differences("request $n", json_decode($line, true), json_decode($answers[$n] ?? '', true)),
                );
            }
        }
        self::assertSame([], \array_slice($differ, 0, 50), \count($differ).' differences');
    }

    /** In the transaction of this test: all that is there goes, and the demo is loaded by the clock of the test. */
    private function newSalon(): void
    {
        $db = $this->db();
        $db->executeStatement('SET foreign_key_checks = 0');
        foreach ($db->fetchFirstColumn('SHOW TABLES') as $table) {
            if ('doctrine_migration_versions' !== $table) {
                $db->executeStatement('DELETE FROM '.self::text($table));
            }
        }
        $db->executeStatement('SET foreign_key_checks = 1');
        $command = self::getContainer()->get(DemoCommand::class);
        self::assertInstanceOf(DemoCommand::class, $command);
        self::assertSame(0, (new CommandTester($command))->execute(['--few' => true]));
    }

    /**
     * @param Wish $wish
     *
     * @return string the line that is recorded
     */
    private function answer(int $n, array $wish): string
    {
        [$who, $method, $path] = $wish;
        $body = self::filled($wish[3] ?? null);
        $server = ['CONTENT_TYPE' => 'application/json'];
        if (false !== ($wish['csrf'] ?? true)) {
            $server['HTTP_X_CSRF_TOKEN'] = $this->token();
        }
        if ('GET' !== $method) {
            $server['HTTP_IDEMPOTENCY_KEY'] = $wish['key'] ?? "recorded-key-$n";
        }
        if (isset($wish['if'])) {
            $version = self::filled($wish['if']);
            $server['HTTP_IF_MATCH'] = '"'.(\is_scalar($version) ? $version : 'x').'"';
        }
        $content = \is_array($body) ? json_encode([] === $body ? new \stdClass() : $body, \JSON_THROW_ON_ERROR) : null;
        $this->client->request(
            $method,
            self::text(self::filled($path)),
            server: $server,
            content: \is_string($body) ? $body : $content,
        );
        $response = $this->client->getResponse();
        $text = (string) $response->getContent();
        $answer = json_decode($text, true);
        if (isset($wish['keep'])) {
            self::assertIsArray($answer, "$n $method $path");
            $this->kept[$wish['keep']] = $answer;
        }
        if (\is_array($answer) && isset($wish['hides'], $answer[$wish['hides']])) {
            $answer[$wish['hides']] = get_debug_type($answer[$wish['hides']]);
        }
        if (!\is_array($answer)) {
            $answer = str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')
                ? preg_replace('/\s+/', ' ', strip_tags($text))
                : $response->headers->get('Content-Type');
        }
        $line = json_encode(
            [$n, $who, $method, $path, $response->getStatusCode(), self::sorted($answer)],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        );

        return $this->plain($line);
    }

    /** What stands for an id, or for what an answer kept has there, is put in. */
    private function filled(mixed $value): mixed
    {
        if (\is_array($value)) {
            return array_map($this->filled(...), $value);
        }
        if (!\is_string($value)) {
            return $value;
        }
        if (1 === preg_match('/^\$([\w.]+)$/', $value, $m)) {
            return $this->keptAt($m[1]);
        }

        return (string) preg_replace_callback(
            '/@([A-Z]\w+)|\$(\w[\w.]*\w)|\{\$([\w.]+)\}/',
            function (array $m): string {
                return '' !== $m[1] ? $this->dogId($m[1]) : self::text($this->keptAt($m[3] ?? ($m[2] ?? '')));
            },
            $value,
        );
    }

    private function keptAt(string $path): mixed
    {
        $at = $this->kept;
        foreach (explode('.', $path) as $step) {
            self::assertIsArray($at, $path);
            self::assertArrayHasKey($step, $at, $path);
            $at = $at[$step];
        }

        return $at;
    }

    /** The order of an object's members is nobody's business. */
    private static function sorted(mixed $value): mixed
    {
        if (!\is_array($value)) {
            return $value;
        }
        if (!array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::sorted(...), $value);
    }

    /** @return list<string> where two answers differ, and how */
    private static function differences(string $at, mixed $was, mixed $is): array
    {
        if (!\is_array($was) || !\is_array($is)) {
            return $was === $is ? [] : [\sprintf('%s: %s, was %s', $at, self::short($is), self::short($was))];
        }
        $differ = [];
        foreach (array_keys($was + $is) as $key) {
            array_push($differ, ...self::differences("$at/$key", $was[$key] ?? null, $is[$key] ?? null));
        }

        return $differ;
    }

    private static function short(mixed $value): string
    {
        return mb_substr((string) json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES), 0, 160);
    }

    /** Ids and tokens are others every time: the first that is met is called #1. */
    private function plain(string $line): string
    {
        return (string) preg_replace_callback(
            '/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}|\b[0-9a-f]{16,}\b/',
            fn (array $m): string => $this->names[$m[0]] ??= '#'.(\count($this->names) + 1),
            $line,
        );
    }
}
