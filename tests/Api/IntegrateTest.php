<?php

/** A programme is let in by a token: what it may, how often, until when; the feed it reads, what it is told. */

declare(strict_types=1);

namespace KeenThistle\Tests\Api;

use KeenThistle\Integrate\Deliver;
use KeenThistle\Integrate\Deliveries;
use KeenThistle\Integrate\Integrations;
use KeenThistle\Integrate\OnDeliver;
use KeenThistle\Integrate\Receiver;
use KeenThistle\Integrate\Signature;
use KeenThistle\Integrate\WhenTellingFails;
use KeenThistle\Outbox\Receipt;
use KeenThistle\Outbox\SenderDown;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Event\WorkerMessageFailedEvent;

final class IntegrateTest extends ApiTestCase
{
    private const HOOK = 'https://books.example.test/told';

    protected function tearDown(): void
    {
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    public function testATokenOpensWhatItsRightsSayAndNothingElse(): void
    {
        $token = $this->letIn(['read', 'book']);
        self::assertNotSame([], $this->by($token, 'GET', '/api/dogs', 200)['dogs']);
        $dogs = self::rows($this->by($token, 'GET', '/api/dogs', 200)['dogs']);
        foreach ($dogs as $dog) {
            self::assertSame('', $dog['phone'] ?? '');
        }
        $this->by($token, 'GET', '/api/homes/'.$this->homeOf('Osric'), 200);
        $form = ['day' => date('Y-m-d', (int) strtotime('+57 days')), 'time' => '10:00'];
        $this->by($token, 'POST', '/api/dogs/'.$this->dogId('Osric').'/bookings', 201, $form);
        $entries = self::rows($this->by($token, 'GET', '/api/log', 200)['entries']);
        self::assertStringEndsWith('(through books)', self::text($entries[0]['summary']));
        self::assertSame('Maren Oakhollow', $entries[0]['who']);
        $this->by($token, 'PUT', '/api/house', 403, []);
        $this->by($token, 'GET', '/api/people', 403);
        $this->by($token, 'GET', '/api/integrations', 403);
        $this->by($token, 'GET', '/api/session', 403);
        // What opens a person's own device is for that person alone.
        $this->by($this->letIn(['read', 'visit']), 'GET', '/api/away', 403);
        $this->by($token, 'PUT', '/api/me/screen', 403, []);
        $this->by($token, 'POST', '/api/kit', 403, []);
    }

    public function testATokenEndsWithItsTimeItsEndAndWhoLetItIn(): void
    {
        $token = $this->letIn(['read'], days: 3);
        $id = $this->newest();
        self::assertSame('', $id['used_at']);
        $this->by($token, 'GET', '/api/kit', 200);
        self::assertNotSame('', $this->newest()['used_at']);
        Clock::set(new MockClock('+3 days'));
        $this->by($token, 'GET', '/api/kit', 401);
        Clock::set(new NativeClock());
        $this->by($token, 'GET', '/api/kit', 200);
        $this->db()->executeStatement("UPDATE staff SET active = 0 WHERE login = 'maren'");
        $this->by($token, 'GET', '/api/kit', 401);
        $this->db()->executeStatement("UPDATE staff SET active = 1 WHERE login = 'maren'");
        $this->signIn('maren');
        $this->ask('DELETE', '/api/integrations/'.self::text($id['id']), expect: 200);
        $this->ask('DELETE', '/api/integrations/'.self::text($id['id']), expect: 200);
        self::assertSame('ended', $this->newest()['state']);
        $this->by($token, 'GET', '/api/kit', 401);
        $told = ['tell' => self::HOOK];
        $this->ask('PUT', '/api/integrations/'.self::text($id['id']).'/tell', $told, 409);
        foreach (['', 'x', str_repeat('0', 64), substr($token, 0, 63).'g'] as $none) {
            $this->by($none, 'GET', '/api/kit', 401);
        }
    }

    public function testSoManyRequestsAMinuteAndNoMore(): void
    {
        $token = $this->letIn(['read']);
        $clock = new MockClock('2026-05-04 10:00:20');
        $this->db()->executeStatement("UPDATE integration SET until_at = '2027-01-01'");
        Clock::set($clock);
        $this->by($token, 'GET', '/api/words', 200);
        $this->db()->executeStatement('UPDATE integration SET calls = ?', [Integrations::A_MINUTE - 1]);
        $this->by($token, 'GET', '/api/words', 200);
        $said = $this->by($token, 'GET', '/api/words', 429);
        self::assertStringContainsString('40 seconds', self::text($said['title']));
        self::assertSame('40', $this->client->getResponse()->headers->get('Retry-After'));
        $clock->sleep(40);
        $this->by($token, 'GET', '/api/words', 200);
    }

    public function testWhatIsWrongIsNamedAndNoMoreThanOnesOwnRightsAreGiven(): void
    {
        $this->signIn('maren');
        foreach (
            [
                ['name', ['name' => '', 'may' => ['read']]],
                ['may', ['name' => 'x', 'may' => []]],
                ['may[0]', ['name' => 'x', 'may' => ['people']]],
                ['days', ['name' => 'x', 'may' => ['read'], 'days' => 400]],
                ['tell', ['name' => 'x', 'may' => ['read'], 'tell' => 'http://books.example.test']],
                ['tell', ['name' => 'x', 'may' => ['read'], 'tell' => 'https://127.0.0.1/x']],
                ['tell', ['name' => 'x', 'may' => ['read'], 'tell' => 'https://localhost/x']],
                ['tell', ['name' => 'x', 'may' => ['read'], 'tell' => 'https://a:b@books.example.test/']],
            ] as [$field, $form]
        ) {
            $errors = self::errors($this->ask('POST', '/api/integrations', $form, 422));
            self::assertArrayHasKey($field, $errors, json_encode($form, \JSON_THROW_ON_ERROR));
        }
        self::assertSame([], self::rows($this->ask('GET', '/api/integrations', expect: 200)['integrations']));
        $this->letIn(['read']);
        $list = $this->ask('GET', '/api/integrations', expect: 200);
        self::assertNull($list['token']);
        self::assertNull($list['secret']);
        $id = self::text(self::rows($list['integrations'])[0]['id']);
        $this->signIn('sunniva');
        $this->ask('DELETE', "/api/integrations/$id", expect: 404);
        $this->ask('PUT', "/api/integrations/$id/tell", ['tell' => ''], 404);
    }

    public function testTheFeedGivesEachChangeInAnOrderThatStays(): void
    {
        $this->signIn('maren');
        $begin = self::text($this->ask('GET', '/api/changes?most=500', expect: 200)['cursor']);
        self::assertSame([], $this->ask('GET', "/api/changes?after=$begin", expect: 200)['changes']);
        $this->changes(5);
        $first = $this->ask('GET', "/api/changes?after=$begin&most=3", expect: 200);
        self::assertCount(3, self::rows($first['changes']));
        self::assertTrue($first['more']);
        $second = $this->ask('GET', '/api/changes?after='.self::text($first['cursor']), expect: 200);
        self::assertCount(2, self::rows($second['changes']));
        self::assertFalse($second['more']);
        // What was under way longest appears last, and is missed by nobody.
        $late = $this->db()->fetchAssociative('SELECT * FROM change_log ORDER BY id DESC LIMIT 1');
        self::assertIsArray($late);
        $late['id'] = self::before(self::text($late['id']), 20_000);
        $this->db()->insert('change_log', $late);
        $third = $this->ask('GET', '/api/changes?after='.self::text($second['cursor']), expect: 200);
        self::assertCount(1, self::rows($third['changes']));
        $all = self::rows($this->ask('GET', "/api/changes?after=$begin", expect: 200)['changes']);
        self::assertSame(
            array_column([...self::rows($first['changes']), ...self::rows($second['changes']),
                ...self::rows($third['changes'])], 'id'),
            array_column($all, 'id'),
        );
        foreach (['x', '-1', '1e3', str_repeat('9', 16)] as $none) {
            $this->ask('GET', '/api/changes?after='.$none, expect: 422);
        }
        foreach (['0', '501', '-1', 'all'] as $none) {
            $this->ask('GET', '/api/changes?most='.$none, expect: 422);
        }
        $this->signIn('sunniva');
        $other = $this->ask('GET', '/api/changes', expect: 200);
        self::assertSame([], array_intersect(self::ids(self::rows($other['changes'])), self::ids($all)));
    }

    public function testWhatIsNotKeptAnyMoreIsSaid(): void
    {
        $this->signIn('maren');
        $begin = self::text($this->ask('GET', '/api/changes', expect: 200)['cursor']);
        $this->changes(3);
        $this->ask('GET', "/api/changes?after=$begin", expect: 200);
        $this->db()->executeStatement('UPDATE change_position SET position = position + 1000 ORDER BY position DESC');
        $said = $this->ask('GET', "/api/changes?after=$begin", expect: 404);
        self::assertStringContainsString('anew', self::text($said['title']));
        self::assertNotSame([], $this->ask('GET', '/api/changes', expect: 200)['changes']);
    }

    public function testAProgrammeIsToldOnceSignedAndTriedAgainUntilItTakesIt(): void
    {
        $this->letIn(['read'], self::HOOK);
        $secret = $this->secret;
        $id = self::text($this->newest()['id']);
        $this->told();
        $this->signIn('maren');
        $this->changes(2);
        $receiver = new class implements Receiver {
            /** @var list<array{string, string, string}> */
            public array $given = [];
            public bool $away = true;

            public function give(string $id, string $address, string $body, string $signature): Receipt
            {
                if ($this->away) {
                    throw new SenderDown('Nobody answers.');
                }
                $this->given[] = [$address, $body, $signature];

                return new Receipt(true, '204');
            }
        };
        $deliveries = self::service(Deliveries::class);
        self::assertSame(1, $deliveries->whenDue());
        self::assertSame(0, $deliveries->whenDue());
        $delivery = self::text($this->lately()[0]['id']);
        $now = new MockClock();
        $hand = new OnDeliver($deliveries, $receiver, self::service(Integrations::class), $now);
        try {
            $hand(new Deliver($delivery));
            self::fail('Nobody was there.');
        } catch (SenderDown $down) {
            self::assertSame('waiting', $this->lately()[0]['state']);
        }
        $failed = new WorkerMessageFailedEvent(new Envelope(new Deliver($delivery)), 'work', $down);
        (new WhenTellingFails($deliveries))($failed);
        self::assertSame('failed', $this->lately()[0]['state']);
        self::assertStringContainsString('five times', self::text($this->lately()[0]['answer']));
        $this->ask('POST', "/api/deliveries/$delivery/again", expect: 200);
        $receiver->away = false;
        $hand(new Deliver($delivery));
        $hand(new Deliver($delivery));
        self::assertCount(1, $receiver->given);
        [$address, $body, $signature] = $receiver->given[0];
        self::assertSame(self::HOOK, $address);
        self::assertTrue(Signature::fits($signature, $body, $secret, $now->now()->getTimestamp() + 200));
        self::assertFalse(Signature::fits($signature, $body, $secret, $now->now()->getTimestamp() + 400));
        self::assertFalse(Signature::fits($signature, $body.' ', $secret, $now->now()->getTimestamp()));
        $given = json_decode($body, true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($given);
        self::assertCount(2, self::rows($given['changes']));
        $after = self::text($given['cursor']);
        $later = self::rows($this->ask('GET', "/api/changes?after=$after", expect: 200)['changes']);
        self::assertSame(['a programme is told again'], array_column($later, 'summary'));
        self::assertSame('taken', $this->lately()[0]['state']);
        $this->ask('POST', "/api/deliveries/$delivery/again", expect: 409);
        $this->changes(1);
        self::assertSame(1, $deliveries->whenDue());
        $this->ask('PUT', "/api/integrations/$id/tell", ['tell' => ''], 200);
        $hand(new Deliver(self::text($this->lately()[0]['id'])));
        self::assertSame('failed', $this->lately()[0]['state']);
        self::assertCount(1, $receiver->given);
        $this->signIn('sunniva');
        $this->ask('POST', "/api/deliveries/$delivery/again", expect: 404);
    }

    public function testTheWorkerTellsAndTheStandInKeepsIt(): void
    {
        $this->letIn(['read'], self::HOOK);
        $this->told();
        $this->changes(1);
        self::service(Deliveries::class)->whenDue();
        $this->workThrough();
        $last = $this->lately()[0];
        self::assertSame(['taken', 1], [$last['state'], $last['changes']]);
    }

    private string $secret = '';

    /** @param list<string> $may */
    private function letIn(array $may, string $tell = '', int $days = 30): string
    {
        $this->signIn('maren');
        $form = ['name' => 'books', 'may' => $may, 'tell' => $tell, 'days' => $days];
        $made = $this->ask('POST', '/api/integrations', $form, 201);
        $this->secret = self::text($made['secret']);

        return self::text($made['token']);
    }

    /**
     * As a programme asks: without a session.
     *
     * @return array<string, mixed>
     */
    private function by(string $token, string $method, string $path, int $expect, mixed $body = null): array
    {
        $this->fresh();
        $this->client->request(
            $method,
            $path,
            server: [
                'HTTP_AUTHORIZATION' => "Bearer $token",
                'CONTENT_TYPE' => 'application/json',
                'HTTP_IDEMPOTENCY_KEY' => bin2hex(random_bytes(12)),
                'HTTP_IF_MATCH' => '"1"',
            ],
            content: null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
        );
        $response = $this->client->getResponse();
        self::assertSame($expect, $response->getStatusCode(), "$method $path: ".$response->getContent());
        $given = json_decode((string) $response->getContent(), true);

        return self::map($given);
    }

    /** @return array<string, mixed> */
    private function newest(): array
    {
        $this->signIn('maren');

        return self::rows($this->ask('GET', '/api/integrations', expect: 200)['integrations'])[0];
    }

    /** @return list<array<string, mixed>> */
    private function lately(): array
    {
        return self::rows($this->ask('GET', '/api/integrations', expect: 200)['told']);
    }

    /** What was there before is told and taken. */
    private function told(): void
    {
        self::service(Deliveries::class)->whenDue();
        $this->workThrough();
    }

    private function changes(int $many): void
    {
        for ($n = 0; $n < $many; ++$n) {
            $this->ask('PUT', '/api/me/calendar', expect: 200);
        }
    }

    /**
     * @param list<array<string, mixed>> $changes
     *
     * @return list<string>
     */
    private static function ids(array $changes): array
    {
        return array_map(static fn (array $c): string => self::text($c['id']), $changes);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private static function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }

    private function homeOf(string $dog): string
    {
        return \KeenThistle\Salon\Row::id(
            $this->db()->fetchOne('SELECT household_id FROM dog WHERE name = ?', [$dog]),
        );
    }

    private static function before(string $id, int $ms): string
    {
        $raw = unpack('J', "\0\0".substr($id, 0, 6));
        self::assertIsArray($raw);

        return substr(pack('J', self::number($raw[1]) - $ms), 2).substr($id, 6, 9).\chr(\ord($id[15]) ^ 1);
    }
}
