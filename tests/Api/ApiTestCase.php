<?php

/**
 * What the API tests share: the demo salon in a transaction that is rolled back, signed-in clients, readable requests.
 */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use Doctrine\DBAL\Connection;
use KeenThistle\Demo\DemoLoader;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;
use Symfony\Component\Messenger\Worker;
use Symfony\Component\Uid\Uuid;

abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $client;
    private string $csrf = '';

    /** @var array<string, string> ids by the names the dogs had first */
    private array $dogs = [];

    protected function setUp(): void
    {
        $this->client = self::createClient();
        $this->client->disableReboot();
    }

    protected function db(): Connection
    {
        $db = self::getContainer()->get('doctrine.dbal.default_connection');
        \assert($db instanceof Connection);

        return $db;
    }

    /** Does what waits behind the scenes, as the worker does, until nothing waits any more. */
    protected function workThrough(): void
    {
        $of = static fn (string $id): mixed => self::getContainer()->get($id);
        [$queue, $bus, $events] = [
            $of('messenger.transport.work'),
            $of(MessageBusInterface::class),
            $of('event_dispatcher'),
        ];
        \assert($queue instanceof TransportInterface && $bus instanceof MessageBusInterface);
        \assert($events instanceof EventDispatcherInterface);
        $stop = static function (WorkerRunningEvent $event): void {
            if ($event->isWorkerIdle()) {
                $event->getWorker()->stop();
            }
        };
        $events->addListener(WorkerRunningEvent::class, $stop);
        (new Worker(['work' => $queue], $bus, $events))->run(['sleep' => 0]);
        $events->removeListener(WorkerRunningEvent::class, $stop);
    }

    /** A new browser of its own; the one before is forgotten. */
    protected function signIn(string $login, string $password = DemoLoader::PASSWORD): void
    {
        $this->client->getCookieJar()->clear();
        $this->csrf = '';
        $session = $this->ask('POST', '/api/session', ['login' => $login, 'password' => $password], 200);
        $this->csrf = self::text($session['csrf']);
    }

    /**
     * @param array<string, mixed>|string|null $body
     * @param array<string, string> $headers If-Match, Idempotency-Key… a key is made up for writes
     *
     * @return array<string, mixed> the answer
     */
    protected function ask(
        string $method,
        string $path,
        array|string|null $body = null,
        ?int $expect = null,
        array $headers = [],
    ): array {
        $server = ['CONTENT_TYPE' => 'application/json', 'HTTP_X_CSRF_TOKEN' => $this->csrf];
        if ('GET' !== $method) {
            $server['HTTP_IDEMPOTENCY_KEY'] = bin2hex(random_bytes(8));
        }
        foreach ($headers as $name => $value) {
            $server['HTTP_'.strtoupper(str_replace('-', '_', $name))] = $value;
        }
        $this->client->request(
            $method,
            $path,
            server: $server,
            content: \is_array($body)
                ? json_encode([] === $body ? new \stdClass() : $body, \JSON_THROW_ON_ERROR)
                : $body,
        );
        $response = $this->client->getResponse();
        if (null !== $expect) {
            self::assertSame(
                $expect,
                $response->getStatusCode(),
                "$method $path: ".mb_substr((string) $response->getContent(), 0, 800),
            );
        }
        $answer = json_decode((string) $response->getContent(), true);
        if (!\is_array($answer)) {
            return [];
        }
        if ($response->getStatusCode() >= 400) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
            self::assertSame($response->getStatusCode(), $answer['status']);
            self::assertStringStartsWith('/problems/', self::text($answer['type']));
        }

        return self::map($answer);
    }

    protected function token(): string
    {
        return $this->csrf;
    }

    protected function csrf(string $token): void
    {
        $this->csrf = $token;
    }

    protected function dogId(string $name): string
    {
        return $this->dogs[$name] ??= (string) Uuid::fromBinary(
            self::text($this->db()->fetchOne('SELECT id FROM dog WHERE name = ?', [$name])),
        );
    }

    /**
     * @param array<string, mixed> $visit as a card lists it
     *
     * @return list<array<string, mixed>>
     */
    protected function zonesOf(array $visit): array
    {
        return self::rows($this->ask('GET', '/api/visits/'.self::text($visit['id']), expect: 200)['zones']);
    }

    /** @return array<string, mixed> */
    protected function card(string $name): array
    {
        return $this->ask('GET', '/api/dogs/'.$this->dogId($name).'/card', expect: 200);
    }

    /** @return array<string, mixed> a zone of a card */
    protected function zone(string $dog, string $zone): array
    {
        return self::find(self::rows($this->card($dog)['zones']), 'zone', $zone);
    }

    /** @return array<string, mixed> */
    protected static function blade(string $label, string $lay = 'with'): array
    {
        return ['method' => 'clip', 'tool' => ['kind' => 'blade', 'label' => $label], 'lay' => $lay];
    }

    /** @return array<string, mixed> */
    protected static function guard(float $mm, string $base): array
    {
        return ['method' => 'guard', 'tool' => ['kind' => 'guard', 'mm' => $mm, 'base' => $base], 'lay' => 'with'];
    }

    /**
     * @param array<string, mixed> $problem
     *
     * @return array<string, string> messages by field
     */
    protected static function errors(array $problem): array
    {
        $errors = [];
        foreach (self::rows($problem['errors'] ?? []) as $error) {
            $errors[self::text($error['field'])] = self::text($error['message']);
        }

        return $errors;
    }

    protected static function text(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }

    /** A JSON number, whole or not. */
    protected static function number(mixed $value): float
    {
        self::assertIsNumeric($value);

        return (float) $value;
    }

    /** @return list<string> */
    protected static function texts(mixed $value): array
    {
        self::assertIsArray($value);

        return array_map(self::text(...), array_values($value));
    }

    /** @return array<string, mixed> */
    protected static function map(mixed $value): array
    {
        self::assertIsArray($value);
        $map = [];
        foreach ($value as $key => $entry) {
            $map[(string) $key] = $entry;
        }

        return $map;
    }

    /** @return list<array<string, mixed>> */
    protected static function rows(mixed $value): array
    {
        self::assertIsArray($value);

        return array_values(array_map(self::map(...), $value));
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, mixed>
     */
    protected static function find(array $rows, string $key, mixed $value): array
    {
        foreach ($rows as $row) {
            if ($row[$key] === $value) {
                return $row;
            }
        }
        self::fail("No row has $key ".json_encode($value));
    }

    /** Begins a groom of this dog. */
    protected function groomOf(string $dog): string
    {
        return self::text($this->ask('POST', '/api/dogs/'.$this->dogId($dog).'/grooms', [], 200)['id']);
    }

    /** A small photo of a back before the trim. */
    protected function sendPhoto(string $path): void
    {
        $file = tempnam(sys_get_temp_dir(), 'kt');
        $image = imagecreatetruecolor(60, 40);
        self::assertNotFalse($image);
        imagejpeg($image, (string) $file);
        $this->client->request(
            'POST',
            $path,
            ['zone' => 'back', 'moment' => 'before'],
            ['photo' => new UploadedFile((string) $file, 'a.jpg', 'image/jpeg', test: true)],
            ['HTTP_X_CSRF_TOKEN' => $this->csrf, 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))],
        );
    }

    /** @return array<array-key, mixed> */
    protected function giveSheet(string $bytes, ?int $expect = null, string $path = '/api/imports'): array
    {
        $file = tempnam(sys_get_temp_dir(), 'kt');
        file_put_contents((string) $file, $bytes);
        $this->client->request(
            'POST',
            $path,
            [],
            ['file' => new UploadedFile((string) $file, 'dogs.csv', 'text/csv', test: true)],
            ['HTTP_X_CSRF_TOKEN' => $this->csrf, 'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(8))],
        );
        $answer = (string) $this->client->getResponse()->getContent();
        if (null !== $expect) {
            self::assertSame($expect, $this->client->getResponse()->getStatusCode(), $answer);
        }
        $said = json_decode($answer, true);

        return \is_array($said) ? $said : [];
    }

    /** What was changed behind the application's back is read anew. */
    protected function fresh(): void
    {
        $manager = self::getContainer()->get('doctrine.orm.entity_manager');
        \assert($manager instanceof \Doctrine\ORM\EntityManagerInterface);
        $manager->clear();
    }
}
